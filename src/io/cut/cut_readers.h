// The readers behind readCutData, one a format.
#pragma once

#include <QByteArray>

#include "core/base/result.h"
#include "core/cutting/cut_sheet.h"

namespace havlo {

Result<std::vector<CutSheet>> readSvgCuts(const QByteArray& data);
Result<std::vector<CutSheet>> readDxfCuts(const QByteArray& data);
Result<std::vector<CutSheet>> readHpglCuts(const QByteArray& data);
Result<std::vector<CutSheet>> readPdfCuts(const QByteArray& data);

}  // namespace havlo
