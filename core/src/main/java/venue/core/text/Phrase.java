package venue.core.text;

import java.util.Locale;
import java.util.ResourceBundle;
import java.util.ResourceBundle.Control;

/** The few words that a page says of itself to visitors, in the languages of the bundles beside this class. */
public enum Phrase {
    SKIP,
    MENU,
    BREADCRUMB,
    NOTICE,
    LEFT_COLUMN,
    SIDE_COLUMN,
    NOT_FOUND,
    NOT_FOUND_WORDS,
    GONE,
    GONE_WORDS,
    BEGIN_AT_HOME,
    OR_FROM_MENU,
    PICTURES,
    CLOSE,
    ON_THIS_PAGE,
    DAYS,
    DAY,
    HOURS,
    HOUR,
    LESS_THAN_AN_HOUR,
    OPEN_IN_MAPS,
    SHOW_FROM,
    E_MAIL,
    TABLE,
    MAP,
    TELEPHONE;

    private static final Control WITHOUT_THE_MACHINES_LANGUAGE =
            Control.getNoFallbackControl(Control.FORMAT_PROPERTIES);

    /** The words in a language (BCP 47); English where it is not spoken here. */
    public String in(String language) {
        Locale locale = Locale.forLanguageTag(language);
        return ResourceBundle.getBundle("venue.core.text.phrases", locale, WITHOUT_THE_MACHINES_LANGUAGE)
                .getString(name());
    }
}
