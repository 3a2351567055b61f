// A large choice: a picture, a title and a sentence.
#pragma once

#include <QAbstractButton>
#include <QImage>

namespace havlo {

class ChoiceTile : public QAbstractButton {
  Q_OBJECT

 public:
  ChoiceTile(const QString& title, const QString& words, QWidget* parent = nullptr);
  void setPicture(const QImage& picture);

  QSize sizeHint() const override;
  QSize minimumSizeHint() const override;

 protected:
  void paintEvent(QPaintEvent* event) override;
  void enterEvent(QEnterEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QString m_words;
  QImage m_picture;
  int wordsHeight(int width) const;
};

}  // namespace havlo
