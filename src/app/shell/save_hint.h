// Who has worked a while on a card that is in no file is told so, once.
#pragma once

#include <QCoreApplication>

namespace havlo {

class Filing;
class MessageBar;
class PlanSession;

class SaveHint {
  Q_DECLARE_TR_FUNCTIONS(SaveHint)

 public:
  SaveHint(const PlanSession& session, Filing& filing) : m_session(session), m_filing(filing) {}
  /// Asked for after every change of the plan or its file.
  /// @param quiet  a lesson speaks
  void refresh(MessageBar& messages, bool quiet);

 private:
  const PlanSession& m_session;
  Filing& m_filing;
  bool m_told = false;
};

}  // namespace havlo
