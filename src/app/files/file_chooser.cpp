#include "app/files/file_chooser.h"

#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListView>
#include <QLocale>
#include <QPushButton>
#include <QSettings>
#include <QStandardItemModel>
#include <algorithm>

#include "app/common/divider_tab.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"

namespace havlo {
namespace {

enum ItemData : int { Path = Qt::UserRole + 1, IsFolder };

constexpr int kMostShown = 2000;  // of a folder; a name can be typed all the same

QSize cell() {
  return {FilePictures::kSize.width() + 16, FilePictures::kSize.height() + qRound(44 * textScale())};
}

/// A picture, or what stands for one, in the middle of a leaf of the usual size.
QIcon leafOf(const QImage& picture, const QString& drawing) {
  QPixmap leaf(FilePictures::kSize);
  leaf.fill(Qt::transparent);
  QPainter p(&leaf);
  p.setRenderHint(QPainter::Antialiasing);
  if (picture.isNull()) {
    const double side = 54;
    drawDrawing(p, drawing, QRectF((leaf.width() - side) / 2, (leaf.height() - side) / 2, side, side),
                theme().soft);
  } else {
    const QPoint at((leaf.width() - picture.width()) / 2, (leaf.height() - picture.height()) / 2);
    p.drawImage(at, picture);
    p.setPen(theme().rule);
    p.drawRect(QRect(at, picture.size()).adjusted(0, 0, -1, -1));
  }
  p.end();
  QIcon icon(leaf);
  icon.addPixmap(leaf, QIcon::Selected);
  return icon;
}

QString drawingFor(const QString& path) {
  const QString ending = QFileInfo(path).suffix().toLower();
  if (ending == QLatin1String("havlo")) return QStringLiteral("place-scene");
  if (ending == QLatin1String("zip")) return QStringLiteral("place-drawer");
  return QStringLiteral("do-print");
}

}  // namespace

FileKind plansKind() { return {FileChooser::tr("Havlo plans"), {QStringLiteral("havlo")}}; }

FileKind drawersKind() {
  return {FileChooser::tr("Drawers"), {QStringLiteral("havlo-drawer"), QStringLiteral("zip")}};
}

FileKind picturesKind() {
  return {FileChooser::tr("Pictures"),
          {QStringLiteral("png"), QStringLiteral("jpg"), QStringLiteral("jpeg"), QStringLiteral("tif"),
           QStringLiteral("tiff"), QStringLiteral("bmp"), QStringLiteral("webp"), QStringLiteral("svg")}};
}

FileChooser::FileChooser(FileWish wish, QWidget* parent)
    : QDialog(parent), m_wish(std::move(wish)), m_pictures(new FilePictures(this)) {
  setWindowTitle(m_wish.title);
  auto* column = new QVBoxLayout(this);
  asSheet(column);
  m_crumbs = new QWidget;
  auto* crumbs = new QHBoxLayout(m_crumbs);
  crumbs->setContentsMargins(0, 0, 0, 0);
  crumbs->setSpacing(0);
  column->setSpacing(0);
  column->addWidget(m_crumbs);
  column->addWidget(buildList(), 1);
  column->addSpacing(8);
  column->addWidget(buildFoot());
  connect(m_pictures, &FilePictures::ready, this, &FileChooser::pictureReady);
  resize(qRound(900 * std::min(1.3, textScale())), qRound(580 * std::min(1.3, textScale())));
  const QString last = QSettings().value(settingsKey()).toString();
  const QString begin = !m_wish.folder.isEmpty() ? m_wish.folder : last;
  showFolder(QFileInfo(begin).isDir() ? begin : QDir::homePath());
  const bool plans =
      !m_wish.save && !m_wish.folderItself && m_wish.kinds.front().endings == plansKind().endings;
  if (plans && m_model->rowCount() == 0) showLately();
  if (m_wish.save) {
    m_name->setText(m_wish.name);
    m_name->setSelection(0, static_cast<int>(QFileInfo(m_wish.name).completeBaseName().size()));
    m_name->setFocus();
  } else {
    m_list->setFocus();
  }
}

QWidget* FileChooser::buildList() {
  auto* both = new QWidget;
  auto* row = new QHBoxLayout(both);
  row->setContentsMargins(0, 0, 0, 0);
  m_model = new QStandardItemModel(this);
  m_list = new QListView;
  m_list->setObjectName(QStringLiteral("files"));
  m_list->setAccessibleName(tr("Files"));
  m_list->setModel(m_model);
  m_list->setViewMode(QListView::IconMode);
  m_list->setMovement(QListView::Static);
  m_list->setResizeMode(QListView::Adjust);
  m_list->setIconSize(FilePictures::kSize);
  m_list->setGridSize(cell());
  m_list->setWordWrap(true);
  m_list->setUniformItemSizes(true);
  m_list->setTextElideMode(Qt::ElideMiddle);
  m_list->setEditTriggers(QAbstractItemView::NoEditTriggers);
  m_list->installEventFilter(this);
  row->addWidget(m_list, 1);
  m_nothing = inkLabel({}, bodyFont(), theme().soft, true);
  m_nothing->setParent(m_list->viewport());
  m_nothing->move(24, 20);
  m_nothing->setMinimumWidth(320);
  connect(m_list, &QListView::activated, this, [this](const QModelIndex& at) {
    const QString path = at.data(Path).toString();
    if (at.data(IsFolder).toBool()) return showFolder(path);
    m_name->setText(path);
    take();
  });
  connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] { looked(); });
  auto* side = new QVBoxLayout;
  m_large = new QLabel;
  m_large->setAlignment(Qt::AlignCenter);
  m_large->setFixedWidth(FilePictures::kSize.width() + 24);
  m_facts = inkLabel({}, labelFont(), theme().soft, true);
  side->addWidget(m_large);
  side->addWidget(m_facts);
  side->addStretch(1);
  row->addLayout(side);
  return both;
}

QWidget* FileChooser::buildFoot() {
  auto* foot = new QWidget;
  auto* column = new QVBoxLayout(foot);
  column->setContentsMargins(0, 0, 0, 0);
  m_says = inkLabel({}, bodyFont(QFont::DemiBold), theme().ochre, true);
  m_says->hide();
  column->addWidget(m_says);
  auto* row = new QHBoxLayout;
  m_name = new QLineEdit;
  m_name->setObjectName(QStringLiteral("fileName"));
  m_name->setAccessibleName(tr("Name of the file"));
  m_name->setPlaceholderText(tr("a name, or a whole path"));
  row->addWidget(m_name, 1);
  m_kinds = new QComboBox;
  m_kinds->setAccessibleName(tr("Kind of file"));
  for (const FileKind& kind : m_wish.kinds) m_kinds->addItem(kind.name);
  if (!m_wish.save) m_kinds->addItem(tr("All files"));
  row->addWidget(m_kinds);
  m_take = new QPushButton(takeWords());
  m_take->setObjectName(QStringLiteral("takeFile"));
  m_take->setDefault(true);
  auto* leave = plainButton(tr("Leave it"));
  leave->setAutoDefault(false);
  row->addWidget(m_take);
  row->addWidget(leave);
  column->addLayout(row);
  connect(leave, &QPushButton::clicked, this, &QDialog::reject);
  connect(m_take, &QPushButton::clicked, this, &FileChooser::take);
  connect(m_name, &QLineEdit::textEdited, this, [this] {
    m_askedAbout.clear();
    m_says->hide();
    m_take->setText(takeWords());
  });
  connect(m_kinds, &QComboBox::activated, this, [this](int k) {
    if (m_wish.save && k < static_cast<int>(m_wish.kinds.size()))
      m_name->setText(QFileInfo(m_name->text()).completeBaseName() + u'.' +
                      m_wish.kinds[static_cast<size_t>(k)].endings.value(0));
    showFolder(m_folder);
  });
  return foot;
}

/// What is typed over the pictures is a name.
bool FileChooser::eventFilter(QObject* watched, QEvent* event) {
  if (watched == m_list && event->type() == QEvent::KeyPress) {
    auto* key = static_cast<QKeyEvent*>(event);
    const QString text = key->text();
    const bool types = !text.isEmpty() && text.front().isPrint() && text.front() != u' ' &&
                       !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier));
    if (types) {
      m_name->setFocus();
      m_name->setText(text);
      return true;
    }
    if (key->key() == Qt::Key_Backspace) {
      showFolder(QFileInfo(m_folder).path());
      return true;
    }
  }
  return QDialog::eventFilter(watched, event);
}

QString FileChooser::takeWords() const {
  return m_wish.folderItself ? tr("This folder") : m_wish.save ? tr("Save") : tr("Open");
}

QString FileChooser::settingsKey() const {
  return QStringLiteral("folder-") + m_wish.kinds.front().endings.value(0, QStringLiteral("any"));
}

bool FileChooser::fits(const QString& path) const {
  const int k = m_kinds->currentIndex();
  if (k < 0 || k >= static_cast<int>(m_wish.kinds.size())) return true;
  const QStringList& endings = m_wish.kinds[static_cast<size_t>(k)].endings;
  return endings.isEmpty() || endings.contains(QFileInfo(path).suffix().toLower());
}

void FileChooser::add(const QString& path, bool folder, const QString& words) {
  auto* item = new QStandardItem(words);
  item->setData(path, Path);
  item->setData(folder, IsFolder);
  item->setToolTip(path);
  item->setIcon(folder ? leafOf({}, QStringLiteral("act-open"))
                       : leafOf(m_pictures->of(path), drawingFor(path)));
  item->setSizeHint(cell());
  m_model->appendRow(item);
}

void FileChooser::showFolder(const QString& folder) {
  const QDir dir(folder);
  if (!dir.exists()) return;
  m_folder = dir.absolutePath();
  m_pictures->forgetWaiting();
  m_model->clear();
  int shown = 0;
  QFileInfoList entries =
      dir.entryInfoList(QDir::AllDirs | QDir::NoDotAndDotDot, QDir::Name | QDir::LocaleAware);
  for (const QFileInfo& e : entries)
    if (shown++ < kMostShown) add(e.absoluteFilePath(), true, e.fileName());
  // What was worked on last comes first.
  for (const QFileInfo& e : dir.entryInfoList(QDir::Files, QDir::Time))
    if (fits(e.fileName()) && shown++ < kMostShown) add(e.absoluteFilePath(), false, e.fileName());
  m_says->setVisible(shown > kMostShown);
  m_says->setText(tr("The first %1 are shown. What is not can be typed.").arg(kMostShown));
  m_nothing->setText(shown == 0 ? tr("Nothing of this kind is in here.") : QString());
  m_nothing->adjustSize();
  showCrumbs(false);
  looked();
}

/// Plans that were open lately, wherever they are.
void FileChooser::showLately() {
  m_pictures->forgetWaiting();
  m_model->clear();
  constexpr int kMost = 60;
  for (const QString& path : QSettings().value(QStringLiteral("recent")).toStringList().mid(0, kMost))
    if (QFileInfo::exists(path)) add(path, false, QFileInfo(path).fileName());
  m_nothing->setText(m_model->rowCount() == 0 ? tr("Plans that you open or save are found here.")
                                              : QString());
  m_nothing->adjustSize();
  showCrumbs(true);
  looked();
}

/// The folder and those it is in, as dividers; plans have one more.
void FileChooser::showCrumbs(bool lately) {
  auto* row = static_cast<QHBoxLayout*>(m_crumbs->layout());
  while (QLayoutItem* item = row->takeAt(0)) {
    if (item->widget()) item->widget()->hide(), item->widget()->deleteLater();
    delete item;
  }
  const auto tab = [&](const QString& text, bool here, const std::function<void()>& go) {
    auto* b = new DividerTab(QString(text).replace(u'&', QStringLiteral("&&")));
    b->setChecked(here);
    b->setAutoDefault(false);
    // What it shows is built anew: it is not to be gone while it speaks.
    connect(
        b, &QPushButton::clicked, this, [go] { go(); }, Qt::QueuedConnection);
    row->addWidget(b);
  };
  if (!m_wish.save && m_wish.kinds.front().endings == plansKind().endings)
    tab(tr("Lately"), lately, [this] { showLately(); });
  QStringList up;
  for (QDir dir(m_folder);;) {
    up.prepend(dir.absolutePath());
    if (dir.isRoot() || !dir.cdUp()) break;
  }
  constexpr qsizetype kMost = 5;
  for (const QString& folder : up.mid(std::max<qsizetype>(0, up.size() - kMost))) {
    const QString name = QFileInfo(folder).fileName();
    tab(name.isEmpty()               ? tr("This computer")
        : folder == QDir::homePath() ? tr("Home")
                                     : name,
        !lately && folder == m_folder, [this, folder] { showFolder(folder); });
  }
  row->addStretch(1);
}

void FileChooser::pictureReady(const QString& path) {
  for (int k = 0; k < m_model->rowCount(); ++k)
    if (QStandardItem* item = m_model->item(k); item->data(Path).toString() == path)
      item->setIcon(leafOf(m_pictures->of(path), drawingFor(path)));
  looked();
}

/// What is chosen is shown beside, with when it was written; its name is what is taken.
void FileChooser::looked() {
  const QModelIndex at = m_list->currentIndex();
  const QString path = at.data(Path).toString();
  const bool file = at.isValid() && !at.data(IsFolder).toBool();
  m_large->setVisible(file);
  m_facts->setVisible(file);
  if (!file) return;
  const QFileInfo info(path);
  m_large->setPixmap(qvariant_cast<QIcon>(at.data(Qt::DecorationRole)).pixmap(FilePictures::kSize));
  m_facts->setText(tr("%1\n%2\nwritten %3")
                       .arg(info.fileName(), QLocale().formattedDataSize(info.size()),
                            QLocale().toString(info.lastModified(), QLocale::ShortFormat)));
  if (m_list->hasFocus()) {
    m_askedAbout.clear();
    m_name->setText(info.absolutePath() == m_folder ? info.fileName() : path);
  }
}

QString FileChooser::typed() const {
  QString text = m_name->text().trimmed();
  if (text.startsWith(QLatin1String("~/"))) text = QDir::homePath() + text.mid(1);
  return text.isEmpty() ? text : QDir(m_folder).absoluteFilePath(text);
}

void FileChooser::take() {
  QString path = typed();
  // A file that is looked at stands for the folder it is in.
  if (m_wish.folderItself && (path.isEmpty() || QFileInfo(path).isFile()))
    return done_(path.isEmpty() ? m_folder : QFileInfo(path).absolutePath());
  if (path.isEmpty()) return;
  const auto say = [this](const QString& text) {
    m_says->setText(text);
    m_says->show();
  };
  if (QFileInfo(path).isDir()) {
    m_name->clear();
    showFolder(path);
    return m_list->setFocus();
  }
  if (!m_wish.save)
    return QFileInfo::exists(path) ? done_(path) : say(tr("There is no %1.").arg(QFileInfo(path).fileName()));
  const auto k = static_cast<size_t>(std::max(0, m_kinds->currentIndex()));
  const QStringList endings = m_wish.kinds[std::min(k, m_wish.kinds.size() - 1)].endings;
  if (!endings.isEmpty() && !endings.contains(QFileInfo(path).suffix().toLower()))
    path += u'.' + endings.first();
  if (!QFileInfo(QFileInfo(path).path()).isDir())
    return say(tr("There is no folder %1.").arg(QFileInfo(path).path()));
  if (QFileInfo::exists(path) && m_askedAbout != path) {
    m_askedAbout = path;
    m_take->setText(tr("Replace it"));
    return say(tr("%1 is there already. Replace it?").arg(QFileInfo(path).fileName()));
  }
  done_(path);
}

void FileChooser::done_(const QString& path) {
  m_path = path;
  QSettings().setValue(settingsKey(), m_wish.folderItself ? path : QFileInfo(path).path());
  accept();
  Q_EMIT chosen(path);
}

void FileChooser::choose(const FileWish& wish, QWidget* parent,
                         const std::function<void(const QString&)>& taken) {
  auto* chooser = new FileChooser(wish, parent);
  chooser->setAttribute(Qt::WA_DeleteOnClose);
  connect(chooser, &FileChooser::chosen, parent, taken);
  chooser->open();
}

QString FileChooser::ask(const FileWish& wish, QWidget* parent) {
  FileChooser chooser(wish, parent);
  return chooser.exec() == QDialog::Accepted ? chooser.path() : QString();
}

}  // namespace havlo
