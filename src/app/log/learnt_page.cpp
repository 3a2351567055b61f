#include "app/log/learnt_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QPushButton>
#include <QSignalBlocker>

#include "app/common/ask.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "io/wording/compare_words.h"

namespace havlo {

LearntPage::LearntPage(LogSession& log, QWidget* parent) : QWidget(parent), m_log(log) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  auto* whose = new QHBoxLayout;
  whose->addWidget(inkLabel(tr("At the table:"), labelFont(), theme().soft));
  m_hands = new QComboBox;
  m_hands->setObjectName(QStringLiteral("hands"));
  m_hands->setAccessibleName(tr("Whose hands are at work"));
  whose->addWidget(m_hands, 1);
  column->addLayout(whose);
  m_head = inkLabel({}, labelFont(), theme().soft, true);
  column->addWidget(m_head);
  m_rows = new KeyedRows;
  m_rows->grid()->setColumnStretch(0, 1);
  m_rows->grid()->setVerticalSpacing(2);
  column->addWidget(rolled(m_rows), 1);
  connect(m_hands, &QComboBox::activated, this, [this](int row) {
    row + 1 < m_hands->count() ? (void)m_log.setAtWork(m_hands->itemData(row).toString().toStdString())
                               : addPerson();
  });
}

void LearntPage::setUnits(MeasureStyle units) {
  m_units = units;
  refresh();
}

void LearntPage::refresh() {
  LogStore* store = m_log.store();
  if (!store) return;
  const MakerLearnt& learnt = m_log.learnt();
  {
    const QSignalBlocker quiet(m_hands);
    m_hands->clear();
    const std::string now = store->atWork();
    for (const std::string& who : store->people()) {
      m_hands->addItem(who.empty() ? tr("me") : QString::fromStdString(who), QString::fromStdString(who));
      if (who == now) m_hands->setCurrentIndex(m_hands->count() - 1);
    }
    m_hands->addItem(tr("someone else…"));
  }
  QString head = learnt.cards == 0   ? tr("No card is in the log yet: everything is reckoned as is usual.")
                 : learnt.cards == 1 ? tr("From 1 card. Plans are reckoned with this.")
                                     : tr("From %1 cards. Plans are reckoned with this.").arg(learnt.cards);
  if (const QString missed = missedWords(learnt); !missed.isEmpty()) head += u' ' + missed;
  m_head->setText(head);
  const LearnSettings settings = m_log.settings();
  m_rows->begin();
  for (size_t k = 0; k < kTraits; ++k) {
    const auto trait = static_cast<Trait>(k);
    const QString key = QLatin1String(wordOf(trait).data());
    m_rows->next(key);
    m_rows->label(traitName(trait), bodyFont(QFont::DemiBold), theme().ink, true);
    auto* own = m_rows->cell<QPushButton>(
        [&] {
          auto* button = plainButton(tr("Set…"));
          button->setObjectName(QStringLiteral("own-") + key);
          connect(button, &QPushButton::clicked, this, [this, trait] { setOwn(trait); });
          return button;
        },
        Qt::AlignRight | Qt::AlignTop);
    own->setText(settings.own.contains(trait) ? tr("Set back") : tr("Set…"));
    own->setAccessibleName(traitName(trait) + QStringLiteral(": ") + own->text());
    m_rows->next(key + QStringLiteral("-words"));
    m_rows->wide(2);
    QString words = learntWords(trait, learnt[trait], m_units);
    words[0] = words[0].toUpper();
    m_rows->label(words + u'.', labelFont(), theme().soft, true);
    if (trait == Trait::PrintPlacing) sizeAndPositioner(learnt, settings);
    if (const QString on = trait == Trait::MaskLife ? maskPaperWords(learnt) : QString(); !on.isEmpty()) {
      m_rows->next(key + QStringLiteral("-on"));
      m_rows->wide(2);
      m_rows->label(on, labelFont(), theme().soft, true);
    }
  }
  for (const LearntInk& ink : learnt.inks) {
    const QStringList words = inkWords(ink);
    if (words.isEmpty()) continue;
    const QString key = QStringLiteral("ink-") + QString::fromStdString(ink.ink);
    m_rows->next(key);
    m_rows->wide(2);
    m_rows->label(words.join(u' '), labelFont(), theme().ink, true);
    m_rows->next(key + QStringLiteral("-take"));
    m_rows->wide(2);
    auto* take = m_rows->cell<QPushButton>(
        [&] {
          auto* button = plainButton(tr("Write it into my ink"));
          connect(button, &QPushButton::clicked, this, [this, name = ink.ink] {
            for (const LearntInk& one : m_log.learnt().inks)
              if (one.ink == name) Q_EMIT inkLearnt(one);
          });
          return button;
        },
        Qt::AlignLeft);
    take->setAccessibleName(tr("Write it into %1").arg(QString::fromStdString(ink.ink)));
  }
  if (learnt.cards > 0) {
    m_rows->next(QStringLiteral("forget"));
    m_rows->wide(2);
    m_rows->cell<QPushButton>(
        [&] {
          auto* button = plainButton(tr("Learn from now on only"));
          button->setObjectName(QStringLiteral("forget"));
          connect(button, &QPushButton::clicked, this, [this] {
            LearnSettings s = m_log.settings();
            s.from_s = static_cast<double>(QDateTime::currentSecsSinceEpoch());
            m_log.putSettings(s);
          });
          return button;
        },
        Qt::AlignLeft);
  }
  if (settings.from_s > 0) {
    m_rows->next(QStringLiteral("all"));
    m_rows->wide(2);
    m_rows->cell<QPushButton>(
        [&] {
          auto* button = plainButton(tr("Learn from all cards again"));
          button->setObjectName(QStringLiteral("all"));
          connect(button, &QPushButton::clicked, this, [this] {
            LearnSettings s = m_log.settings();
            s.from_s = 0;
            m_log.putSettings(s);
          });
          return button;
        },
        Qt::AlignLeft);
  }
  m_rows->end();
}

void LearntPage::sizeAndPositioner(const MakerLearnt& learnt, const LearnSettings& settings) {
  if (const QString words = sizeWords(learnt, m_units); !words.isEmpty()) {
    m_rows->next(QStringLiteral("size"));
    m_rows->wide(2);
    m_rows->label(words, labelFont(), theme().soft, true);
  }
  m_rows->next(QStringLiteral("positioner"));
  m_rows->wide(2);
  auto* box = m_rows->cell<QCheckBox>([&] {
    auto* one = new QCheckBox(tr("I stamp with a hinged positioner"));
    one->setObjectName(QStringLiteral("positioner"));
    one->setToolTip(tr("Prints are taken to lie three times as exactly; cards are logged as made with it"));
    connect(one, &QCheckBox::clicked, this, [this](bool on) {
      LearnSettings s = m_log.settings();
      s.positioner = on;
      m_log.putSettings(s);
    });
    return one;
  });
  box->setChecked(settings.positioner);
}

void LearntPage::setOwn(Trait trait) {
  LearnSettings s = m_log.settings();
  if (s.own.erase(trait) > 0) {
    m_log.putSettings(s);
    return;
  }
  const bool pace = paceOf(trait).has_value(), life = trait == Trait::MaskLife;
  const bool turn = trait == Trait::PrintTurn || trait == Trait::MaskTurn;
  const bool inches = !pace && !life && !turn && m_units != MeasureStyle::Millimetres;
  const Learnt& known = m_log.learnt()[trait];
  const double unit = pace ? 0.01 : inches ? kMmPerInch : 1;
  NumberWanted wanted;
  wanted.now = known.value() / unit;
  wanted.least = pace ? 20 : life ? 1 : inches ? 0.001 : 0.01;
  wanted.most = pace ? 500 : life ? 200 : inches ? 0.4 : 10;
  wanted.decimals = pace || life ? 0 : inches ? 3 : 2;
  //: stands behind a number: how often a mask can be laid
  wanted.unit = pace     ? tr(" % of the usual time")
                : life   ? tr(" times")
                : turn   ? QStringLiteral("°")
                : inches ? tr(" in")
                         : tr(" mm");
  QString words = learntWords(trait, known, m_units);
  words[0] = words[0].toUpper();
  askForNumber({traitName(trait), words + u'.', tr("Reckon with this")}, wanted, this, [=, this](double v) {
    LearnSettings now = m_log.settings();
    now.own[trait] = v * unit;
    m_log.putSettings(now);
  });
}

void LearntPage::addPerson() {
  refresh();  // until there is a name, the one who was at the table is
  askForWords({tr("Someone else at the table"), tr("The name; what is learnt is kept for each by itself."),
               tr("Take a seat")},
              {}, this, [this](const QString& name) {
                if (!name.isEmpty()) (void)m_log.setAtWork(name.toStdString());
              });
}

}  // namespace havlo
