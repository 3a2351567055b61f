#include "cli/manual.h"

#include "cli/verb.h"

namespace havlo::cli {
namespace {

QString word(const char* text) { return QString::fromUtf8(text); }

/// A verb's line of use: "compare PLAN SCAN".
QString synopsis(const Verb& v) {
  QString out = word(v.name);
  if (v.plan) out += QStringLiteral(" FILE");
  if (v.second) out += u' ' + word(v.second).toUpper().remove(u' ');
  return out;
}

/// Text for man: what would be read as a command of it is marked.
QString roff(QString text) {
  text.replace(u'\\', QLatin1String("\\e")).replace(u'-', QLatin1String("\\-"));
  return text.startsWith(u'.') || text.startsWith(u'\'') ? QStringLiteral("\\&") + text : text;
}

/// What an option wants after it is a file's name when it is said so by one of these.
bool wantsFile(const Option& o) {
  const QString value = word(o.value ? o.value : "");
  return value == QLatin1String("F") || value.contains(QLatin1String("ZIP")) ||
         value.contains(QLatin1String(".zip")) || value == QLatin1String("LOG");
}
bool wantsFolder(const Option& o) { return o.value && word(o.value) == QLatin1String("DIR"); }

QString quoted(QString text) { return u'\'' + text.replace(u'\'', QLatin1String("'\\''")) + u'\''; }

QString bash() {
  QString verbsOf, cases;
  for (const Verb& v : verbs()) {
    verbsOf += word(v.name) + u' ';
    QString options;
    for (const Option& o : v.options) options += word(o.name) + u' ';
    cases += QStringLiteral("    %1) options='%2--patience' ;;\n").arg(word(v.name), options);
  }
  return QStringLiteral(
             "# bash completion for havlo-cli\n"
             "_havlo_cli() {\n"
             "  local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD-1]} options\n"
             "  if [ \"$COMP_CWORD\" -eq 1 ]; then\n"
             "    mapfile -t COMPREPLY < <(compgen -W '%1--help --version' -- \"$word\")\n"
             "    return\n"
             "  fi\n"
             "  case ${COMP_WORDS[1]} in\n%2    *) options='' ;;\n"
             "  esac\n"
             "  case $word in\n"
             "    -*) mapfile -t COMPREPLY < <(compgen -W \"$options\" -- \"$word\") ;;\n"
             "    *)\n"
             "      case $before in\n"
             "        --steps | --plans | --log) compopt -o filenames; mapfile -t COMPREPLY < <(compgen -d "
             "-- \"$word\") ;;\n"
             "        *) compopt -o filenames; mapfile -t COMPREPLY < <(compgen -f -- \"$word\") ;;\n"
             "      esac\n"
             "      ;;\n"
             "  esac\n"
             "}\n"
             "complete -F _havlo_cli havlo-cli\n")
      .arg(verbsOf, cases);
}

QString zsh() {
  QString verbsOf, cases;
  for (const Verb& v : verbs()) {
    verbsOf += QStringLiteral("    %1\n")
                   .arg(quoted(word(v.name) + u':' + word(v.help).replace(u':', QLatin1String("\\:"))));
    QString options;
    for (const Option& o : v.options) {
      QString help = word(o.help);
      help.replace(u'[', u'(').replace(u']', u')').replace(u':', QLatin1String("\\:"));
      options += QStringLiteral("        %1 \\\n")
                     .arg(quoted(word(o.name) + u'[' + help + u']' +
                                 (!o.value       ? QString()
                                  : wantsFile(o) ? QStringLiteral(":file:_files")
                                  : wantsFolder(o)
                                      ? QStringLiteral(":folder:_files -/")
                                      : u':' + word(o.value).replace(u':', QLatin1String("\\:")) + u':')));
    }
    cases += QStringLiteral(
                 "    %1)\n      _arguments \\\n%2        '--patience[give up after so many "
                 "seconds]:seconds:' '*:file:_files'\n      ;;\n")
                 .arg(word(v.name), options);
  }
  return QStringLiteral(
             "#compdef havlo-cli\n"
             "local -a verbs\n"
             "if (( CURRENT == 2 )); then\n"
             "  verbs=(\n%1  )\n"
             "  _describe verb verbs\n"
             "else\n"
             "  local verb=$words[2]\n"
             "  shift words\n"
             "  (( CURRENT-- ))\n"
             "  case $verb in\n%2  esac\n"
             "fi\n")
      .arg(verbsOf, cases);
}

QString fish() {
  QString out = QStringLiteral("# fish completion for havlo-cli\n");
  for (const Verb& v : verbs()) {
    out += QStringLiteral("complete -c havlo-cli -n __fish_use_subcommand -f -a %1 -d %2\n")
               .arg(word(v.name), quoted(word(v.help)));
    for (const Option& o : v.options)
      out += QStringLiteral("complete -c havlo-cli -n '__fish_seen_subcommand_from %1' -l %2%3 -d %4\n")
                 .arg(word(v.name), word(o.name).mid(2),
                      !o.value                         ? QString()
                      : wantsFile(o) || wantsFolder(o) ? QStringLiteral(" -r")
                                                       : QStringLiteral(" -x"),
                      quoted(word(o.help)));
  }
  return out;
}

}  // namespace

QString usage() {
  QString text = QStringLiteral("usage: havlo-cli VERB FILE [options]\n");
  for (const Verb& v : verbs())
    if (v.second || !v.plan) text += QStringLiteral("       havlo-cli %1 [options]\n").arg(synopsis(v));
  text += u'\n';
  for (const Verb& v : verbs()) {
    text += QStringLiteral("  %1  %2\n").arg(word(v.name), -9).arg(word(v.help));
    for (const Option& o : v.options)
      text += QStringLiteral("      %1  %2\n")
                  .arg(word(o.name) + (o.value ? u' ' + word(o.value) : QString()), -16)
                  .arg(word(o.help));
  }
  return text +
         QStringLiteral("\n  --patience S     with any verb: give up after S seconds (%1 if not said)\n")
             .arg(kPatience_s) +
         QStringLiteral("\nexit: 0 done, 2 usage, 3 bad input, 4 cannot write\n");
}

QString manualPage(const QString& day) {
  QString out = QStringLiteral(
                    ".TH HAVLO\\-CLI 1 %1 \"Havlo %2\" \"User Commands\"\n"
                    ".SH NAME\nhavlo\\-cli \\- plan scene cards from rubber stamps, on the command line\n"
                    ".SH SYNOPSIS\n.B havlo\\-cli\n.I VERB FILE\n[options]\n")
                    .arg(roff(day), QStringLiteral(HAVLO_VERSION));
  out += QStringLiteral(
      ".SH DESCRIPTION\nReads a plan, works out sizes, masks and the order of stamping, and says or writes "
      "what a verb asks for.\n"
      "Plans are never changed. With\n.B \\-\\-json\none JSON object is written to standard output and "
      "nothing else;\n"
      "messages go to standard error.\n.SH VERBS\n");
  for (const Verb& v : verbs()) {
    out += QStringLiteral(".TP\n.B %1\n%2\n").arg(roff(synopsis(v)), roff(word(v.help) + u'.'));
    for (const Option& o : v.options)
      out += QStringLiteral(".RS\n.TP\n.B %1\n%2\n.RE\n")
                 .arg(roff(word(o.name) + (o.value ? u' ' + word(o.value) : QString())), roff(word(o.help)));
  }
  return out + QStringLiteral(
                   ".SH OPTIONS\n.TP\n.BI \\-\\-patience \" S\"\nwith any verb: give up after S seconds; %1 "
                   "if not said.\n"
                   ".SH EXIT STATUS\n.TP\n.B 0\ndone\n.TP\n.B 2\nwrong usage\n.TP\n.B 3\nbad input\n.TP\n.B "
                   "4\ncannot write\n"
                   ".SH SEE ALSO\n.BR havlo (1)\n")
                   .arg(kPatience_s);
}

QString completionFor(const QString& shell) {
  if (shell == QLatin1String("bash")) return bash();
  if (shell == QLatin1String("zsh")) return zsh();
  return shell == QLatin1String("fish") ? fish() : QString();
}

}  // namespace havlo::cli
