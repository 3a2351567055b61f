#include "app/drawer/stamp_facts.h"

#include <QComboBox>
#include <QKeyEvent>
#include <QLineEdit>

#include "app/common/form_rows.h"
#include "core/drawer/drawer.h"
#include "core/units/measure.h"
#include "io/wording/drawer_words.h"
#include "io/wording/error_words.h"

namespace havlo {
namespace {

QString thingOf(const TypicalHeight& h) {
  return QString::fromUtf8(h.thing.data(), static_cast<qsizetype>(h.thing.size()));
}

}  // namespace

StampFacts::StampFacts(QWidget* parent) : QWidget(parent) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  auto* facts = new FormRows;
  m_name = new QLineEdit;
  m_name->setObjectName(QStringLiteral("stampName"));
  m_name->setPlaceholderText(tr("hare, tall poplar …"));
  m_role = new QComboBox;
  for (int r = 0; r <= static_cast<int>(Role::Greeting); ++r) m_role->addItem(roleName(static_cast<Role>(r)));
  m_facing = new QComboBox;
  for (int f = 0; f <= static_cast<int>(Facing::Right); ++f)
    m_facing->addItem(facingName(static_cast<Facing>(f)));
  m_heights = new QComboBox;
  m_heights->setObjectName(QStringLiteral("stampHeight"));
  m_heights->setEditable(true);
  m_heights->setInsertPolicy(QComboBox::NoInsert);
  m_heights->setCompleter(nullptr);  // 9 is not 90 cm, and Return is said once
  m_heights->lineEdit()->setPlaceholderText(tr("5 cm, 1.7 m, 6 ft …"));
  m_heights->lineEdit()->setAccessibleName(tr("How tall it is really"));
  m_heights->setToolTip(tr("The thing, not the stamp: without it Havlo cannot say where it may stand"));
  facts->add(tr("Name"), m_name);
  facts->add(tr("How tall really?"), m_heights);
  facts->add(tr("Shows a"), m_role);
  facts->add(tr("Facing"), m_facing);
  column->addWidget(facts);
  connect(m_name, &QLineEdit::textChanged, this, &StampFacts::offerHeights);
  connect(m_role, &QComboBox::activated, this, [this] {
    m_choseRole = true;
    offerHeights();
  });
  connect(m_name, &QLineEdit::returnPressed, this, [this] {
    m_heights->setFocus();
    // All of it, seen from its beginning.
    const auto all = static_cast<int>(m_heights->currentText().size());
    m_heights->lineEdit()->setSelection(all, -all);
  });
  connect(m_heights->lineEdit(), &QLineEdit::textEdited, this, [this] { m_typedHeight = true; });
  connect(m_heights->lineEdit(), &QLineEdit::returnPressed, this, &StampFacts::finished);
  // What was chosen last is said with Return as well.
  for (QComboBox* last : {m_role, m_facing}) last->installEventFilter(this);
  startOver({});
}

bool StampFacts::eventFilter(QObject* on, QEvent* event) {
  const bool pressed = event->type() == QEvent::KeyPress && (on == m_role || on == m_facing);
  const int key = pressed ? static_cast<QKeyEvent*>(event)->key() : 0;
  if (key != Qt::Key_Return && key != Qt::Key_Enter) return QWidget::eventFilter(on, event);
  Q_EMIT finished();
  return true;
}

void StampFacts::takeKeys() {
  m_name->setFocus();
  m_name->selectAll();
}

void StampFacts::startOver(const QString& name) {
  m_typedHeight = m_choseRole = false;
  m_role->setCurrentIndex(static_cast<int>(Role::Prop));
  m_facing->setCurrentIndex(0);
  m_name->setText(name);
  offerHeights();
}

void StampFacts::showStamp(const Stamp& stamp) {
  startOver(QString::fromStdString(stamp.name));
  m_choseRole = true;
  m_role->setCurrentIndex(static_cast<int>(stamp.role));
  m_facing->setCurrentIndex(static_cast<int>(stamp.facing));
  offerHeights();
  if (!stamp.realHeight) return choseHeights(0);
  const RealHeight& h = *stamp.realHeight;
  for (int k = 1; k < m_heights->count(); ++k)
    if (m_heights->itemData(k).toList() == QVariantList{h.typical_m, h.least_m, h.most_m})
      return choseHeights(k);
  m_heights->addItem(tr("as it is: %1").arg(heightWords(h)), QVariantList{h.typical_m, h.least_m, h.most_m});
  choseHeights(m_heights->count() - 1);
}

QString StampFacts::name() const { return m_name->text().trimmed(); }

QString StampFacts::describe(Stamp& stamp) const {
  stamp.role = static_cast<Role>(m_role->currentIndex());
  stamp.facing = static_cast<Facing>(m_facing->currentIndex());
  const QString typed = m_heights->currentText().trimmed();
  if (typed.isEmpty()) return {};
  if (const int k = m_heights->findText(typed); k > 0) {
    const QVariantList h = m_heights->itemData(k).toList();
    stamp.realHeight = RealHeight{h[0].toDouble(), h[1].toDouble(), h[2].toDouble(), {}};
    return {};
  }
  const auto read = readRealHeight(typed.toStdString());
  if (!read) return errorWords(read.error());
  // Nothing is of one height: a tenth less to a tenth more.
  const double m = read.value().value;
  stamp.realHeight = RealHeight{m, 0.9 * m, 1.1 * m, {}};
  return {};
}

/// A name that says what it is has its height, and what it shows, at once; what the maker said stays.
void StampFacts::offerHeights() {
  const QString before = m_heights->currentText();
  const auto known = heightsFor(m_name->text().toStdString(), static_cast<Role>(m_role->currentIndex()));
  const bool named = !known.empty() && m_name->text().toLower().contains(thingOf(known[0]));
  if (named && !m_choseRole) m_role->setCurrentIndex(static_cast<int>(known[0].role));
  m_heights->clear();
  m_heights->addItem(QString());
  for (const TypicalHeight& h : known)
    m_heights->addItem(
        QStringLiteral("%1: %2").arg(thingOf(h), heightWords({h.typical_m, h.least_m, h.most_m, {}})),
        QVariantList{h.typical_m, h.least_m, h.most_m});
  if (m_typedHeight) {
    m_heights->setEditText(before);
  } else {
    choseHeights(named ? 1 : 0);
  }
}

/// Shown from its beginning, where the field is narrower.
void StampFacts::choseHeights(int row) {
  m_heights->setCurrentIndex(row);
  m_heights->lineEdit()->setCursorPosition(0);
}

}  // namespace havlo
