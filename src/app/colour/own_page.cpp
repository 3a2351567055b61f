#include "app/colour/own_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "core/edit/hand_edits.h"
#include "core/handwork/act_list.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

struct ReadyStep {
  const char* text;
  double minutes, dry_min;
};
// What makers name; times are common practice, no source.
constexpr ReadyStep kReady[] = {
    {QT_TRANSLATE_NOOP("havlo::OwnPage", "Rub the new stamp with an eraser, then wipe it"), 2, 0},
    {QT_TRANSLATE_NOOP("havlo::OwnPage", "Wipe the pad nearly dry"), 0.5, 0},
    {QT_TRANSLATE_NOOP("havlo::OwnPage", "Breathe on the rubber"), 0.2, 0},
    {QT_TRANSLATE_NOOP("havlo::OwnPage", "Hold the panel to the light and centre the frame"), 1, 0},
    {QT_TRANSLATE_NOOP("havlo::OwnPage", "Lay scrap paper over the finished parts"), 0.5, 0},
    {QT_TRANSLATE_NOOP("havlo::OwnPage", "Dust the card with a powder bag"), 0.5, 0},
};

}  // namespace

OwnPage::OwnPage(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(7);
  column->addWidget(inkLabel(tr("A step of your own"), bodyFont(QFont::DemiBold), theme().ink));
  column->addWidget(inkLabel(tr("It stands in the run sheet and in Make where you want it, with its time."),
                             labelFont(), theme().soft, true));
  column->addWidget(buildForm());
  m_list = new KeyedRows;
  m_list->grid()->setColumnStretch(0, 1);
  column->addWidget(m_list);
  column->addSpacing(6);
  column->addWidget(inkLabel(tr("Your hand"), bodyFont(QFont::DemiBold), theme().ink));
  m_left = new QCheckBox(tr("I work with the left hand"));
  m_left->setObjectName(QStringLiteral("leftHanded"));
  m_left->setToolTip(tr("small wet things are put on from the side away from the hand"));
  column->addWidget(m_left);
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));
  connect(m_left, &QCheckBox::clicked, this, [this](bool on) {
    Plan plan = m_session.plan();
    plan.making.leftHanded = on;
    QSettings().setValue(QStringLiteral("maker/leftHanded"), on);  // and of every new card
    m_session.edit(on ? tr("Work with the left hand") : tr("Work with the right hand"), plan);
  });
  connect(&session, &PlanSession::planChanged, this, &OwnPage::fill);
  fill();
}

QWidget* OwnPage::buildForm() {
  auto* form = new FormRows;
  m_ready = new QComboBox;
  m_ready->setObjectName(QStringLiteral("readyStep"));
  m_ready->addItem(tr("Ready ones"));
  for (const ReadyStep& ready : kReady) m_ready->addItem(tr(ready.text));
  form->add(tr("Take"), m_ready);
  m_text = new QLineEdit;
  m_text->setObjectName(QStringLiteral("ownText"));
  m_text->setPlaceholderText(tr("in your own words"));
  form->add(tr("What"), m_text);
  m_when = new QComboBox;
  m_when->addItem(tr("Before"), true);
  m_when->addItem(tr("After"), false);
  m_act = new QComboBox;
  m_act->setObjectName(QStringLiteral("ownAct"));
  m_act->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_act->setMinimumContentsLength(14);
  form->add(tr("When"), m_when, m_act);
  const auto minutes = [&](const QString& name, double value) {
    auto* spin = new QDoubleSpinBox;
    spin->setRange(0, 600);
    spin->setDecimals(1);
    spin->setValue(value);
    spin->setSuffix(tr(" min"));
    spin->setAccessibleName(name);
    return spin;
  };
  m_minutes = minutes(tr("How long it takes"), 1), m_dry = minutes(tr("How long it dries"), 0);
  form->add(tr("Takes"), m_minutes);
  form->add(tr("Dries"), m_dry);
  auto* add = drawnButton("act-done", tr("Put it in"));
  add->setObjectName(QStringLiteral("addOwn"));
  form->addWide(add);
  connect(m_ready, &QComboBox::activated, this, [this](int k) {
    if (k < 1) return;
    m_text->setText(m_ready->itemText(k));
    m_minutes->setValue(kReady[k - 1].minutes), m_dry->setValue(kReady[k - 1].dry_min);
  });
  connect(add, &QPushButton::clicked, this, &OwnPage::add);
  connect(m_text, &QLineEdit::returnPressed, this, &OwnPage::add);
  return form;
}

void OwnPage::add() {
  const QString text = m_text->text().trimmed();
  if (text.isEmpty()) return m_text->setFocus();
  OwnStep step;
  step.text = text.toStdString();
  step.minutes = m_minutes->value(), step.dry_s = 60 * m_dry->value();
  const std::string act = m_act->currentData().toString().toStdString();
  if (!act.empty()) (m_when->currentData().toBool() ? step.before : step.after).push_back(act);
  m_session.edit(tr("A step of your own"), withOwnStep(m_session.plan(), step));
  m_text->clear();
  m_ready->setCurrentIndex(0);
}

void OwnPage::fill() {
  const Plan& plan = m_session.plan();
  const QSignalBlocker still(m_act);
  const QVariant was = m_act->currentData();
  m_act->clear();
  for (int act : m_session.analysis()->acts)
    if (const std::string name = actName(plan, act); !name.starts_with("own:"))
      m_act->addItem(capital(actWords(plan, act)), QString::fromStdString(name));
  if (const int k = m_act->findData(was); k >= 0) m_act->setCurrentIndex(k);
  m_left->setChecked(plan.making.leftHanded);
  m_list->begin();
  for (const OwnStep& step : plan.own) {
    m_list->next(QString::fromStdString(step.id));
    QString words = QString::fromStdString(step.text);
    const auto& acts = step.before.empty() ? step.after : step.before;
    if (!acts.empty())
      if (const int act = actNamed(plan, acts.front()); act >= 0)
        words += (step.before.empty() ? tr(" (after %1)") : tr(" (before %1)")).arg(actWords(plan, act));
    words += tr(", %1").arg(minutesWords(step.minutes));
    m_list->label(words, bodyFont(), theme().ink, true);
    m_list->cell<QPushButton>([this, id = step.id] {
      auto* b = plainButton(tr("Take out"));
      connect(b, &QPushButton::clicked, this, [this, id] {
        m_session.edit(tr("Take out a step"), withoutHandwork(m_session.plan(), "own:" + id));
      });
      return b;
    });
  }
  m_list->end(false);
}

}  // namespace havlo
