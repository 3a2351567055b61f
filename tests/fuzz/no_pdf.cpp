// In place of the PDF reader, where its library cannot be compiled.
#include "io/cut/cut_readers.h"

namespace havlo {

Result<std::vector<CutSheet>> readPdfCuts(const QByteArray&) {
  return Error{ErrorCode::BadInput, "PDFs are not read here", {}};
}

}  // namespace havlo
