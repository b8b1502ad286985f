#pragma once
// Paint: the coat stack of a part with its scheme made and changed in place, and the plate on which colours are mixed
// from the shelf.
#include "document/answer_job.h"
#include "paint/recipe.h"
#include "paint/schools.h"
#include "stations/page.h"
#include <optional>

class QCheckBox;
class QLineEdit;
class QSlider;

namespace enkinet::app {

class StationTable;

class ChoiceField;
class Fold;
class MixPlate;
class NumberField;
class PhotoPick;
class TonePatch;

/// The coats of a scheme drawn as a swatch each, in the order in which they go on.
class CoatStack : public QWidget {
    Q_OBJECT
public:
    explicit CoatStack(QWidget* parent = nullptr);
    void show(const QColor& clay, const QString& clayName, const std::vector<paint::Laid>& laid);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QColor m_clay;
    QString m_clayName;
    struct Row {
        QColor colour;
        QString text, more;
        QString contrast; ///< said where there is room
        bool clear = false;
    };
    std::vector<Row> m_rows;
};

class PaintPage : public Page {
    Q_OBJECT
public:
    explicit PaintPage(Document& document);
    /// Looks for recipes of a colour, #rrggbb.
    void mix(const QString& colour);
    /// True when no recipe is looked for any more; what was found is then shown.
    bool waitForRecipes(int ms) { return m_mix.wait(ms); }
    /// A photograph to pick paints from. A sentence where it is none.
    QString takePhoto(const QString& path);

protected:
    void show(const results::Report& report) override;

private:
    struct Mix {
        std::vector<paint::PaintCard> shelf; ///< that the recipes' places are of
        paint::Rgb target;
        paint::Recipes found;
        std::vector<std::vector<double>> oneMore; ///< by recipe and paint: the distance with one part more
        bool clays = false;                       ///< kneaded by weight, not mixed by parts
    };
    double wantedMl() const;
    void makeSchemeRows();
    void makeMixing();
    void makeCoat();
    void makeRelief();
    void makePhoto();
    void showTones();
    /// What another clay at hand would save under this scheme.
    QString nearerClay(const fill::Part& part);
    void showPhoto();
    void shelvePicked();
    void showScheme();
    const paint::Scheme* scheme(); ///< of the part in hand
    void changeScheme(const QString& name, const std::function<void(paint::Scheme&)>& mutate,
                      Document::Merge merge = Document::Merge::no);
    void addScheme(const std::vector<paint::Coat>& coats = {});
    void moveCoat(int by);
    void lookForRecipes();
    void takeRecipes();
    void showRecipe(int row);
    void keepMixture();
    void takeChip();
    void followSchool(paint::School school);

    QLabel *m_title, *m_benchTitle, *m_hint, *m_text, *m_sum, *m_caution, *m_rules;
    ChoiceField *m_scheme, *m_role, *m_paint;
    QListWidget *m_coats, *m_recipes;
    QPushButton *m_up, *m_down, *m_remove, *m_addCoat, *m_new, *m_drop, *m_keep;
    QLineEdit *m_target, *m_name, *m_ml, *m_chip;
    QCheckBox *m_pots, *m_clays;
    ChoiceField* m_zone;
    NumberField *m_zoneFrom, *m_zoneTo;
    QWidget* m_zoneBox;
    QWidget* m_stretchBox;
    ChoiceField *m_chipPaint, *m_school;
    QPushButton* m_chipTake;
    QWidget* m_chipBox;
    QLabel* m_mlUnit; ///< of what is mixed
    QLabel* m_chipText;
    CoatStack* m_stack;
    MixPlate* m_plate;
    TonePatch* m_tones;
    QLabel *m_amountText, *m_picked;
    QSlider* m_amount;
    ChoiceField* m_texture;
    NumberField *m_depth, *m_pitch;
    Fold *m_reliefFold, *m_photoFold;
    PhotoPick* m_photo;
    QPushButton *m_photoOpen, *m_photoCard, *m_photoDone, *m_photoShelf;
    QLineEdit *m_photoName, *m_photoHides, *m_photoMl;
    std::optional<paint::Rgb> m_pickedColour;
    struct TonesKey {
        paint::Scheme scheme;
        std::vector<paint::PaintCard> paints;
        std::string ground;
        paint::Coat place;
        friend bool operator==(const TonesKey&, const TonesKey&) = default;
    };
    std::optional<TonesKey> m_tonesOf; ///< what the patch shows
    Fold* m_mixFold;
    AnswerJob<Mix> m_mix{[this] { takeRecipes(); }};
    StationTable* m_rows;
};

} // namespace enkinet::app
