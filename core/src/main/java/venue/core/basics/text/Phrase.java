package venue.core.basics.text;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.ResourceBundle;
import java.util.ResourceBundle.Control;
import java.util.concurrent.ConcurrentHashMap;

/** The few words that a page says of itself to visitors, in the languages of the bundles beside this class. */
public enum Phrase {
    SKIP,
    MENU,
    MORE,
    BREADCRUMB,
    NOTICE,
    PUT_AWAY,
    STOP,
    GO_ON,
    PICTURE_BEFORE,
    PICTURE_AFTER,
    SHOW_MORE,
    DARK,
    LEFT_COLUMN,
    SIDE_COLUMN,
    NOT_FOUND,
    NOT_FOUND_WORDS,
    GONE,
    GONE_WORDS,
    CLOSED,
    CLOSED_WORDS,
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
    TELEPHONE,
    ALL,
    YEAR,
    FIND,
    SHOW,
    NOTHING_FOUND,
    PAGES,
    PAGE,
    ONE_PAGE,
    MANY_PAGES,
    EARLIER_PAGE,
    FURTHER_PAGE,
    TITLE,
    OTHERS,
    SEARCH,
    SAY,
    NOTHING_SAYS,
    MEANT,
    DOWNLOAD,
    EARLIER_VERSIONS,
    CONTENTS,
    BEFORE,
    AFTER,
    BEFORE_AND_AFTER,
    RELATED,
    FILES,
    WAY,
    SIGN_IN,
    SIGN_OUT,
    EMAIL,
    PASSWORD,
    NAME,
    SEND,
    SAVE,
    SAVED,
    SEND_LINK,
    LINK_SENT,
    LINK_OPENS,
    LINK_OLD,
    LINK_NEEDED,
    SIGN_IN_REFUSED,
    TRY_LATER,
    FORGOTTEN,
    FORGOTTEN_WORDS,
    NEW_PASSWORD,
    PRESENT_PASSWORD,
    PRESENT_WRONG,
    PASSWORD_UNFIT,
    SET_PASSWORD,
    PASSWORD_SET,
    JOIN,
    JOIN_SENT,
    JOIN_WAITS,
    INVITED_ALONE,
    CONFIRM,
    CONFIRM_WORDS,
    CONFIRMED,
    SIGNED_IN_AS,
    SIGN_IN_FIRST,
    FOR_MEMBERS,
    MY_PAGE,
    MY_DETAILS,
    SESSIONS,
    END_OTHERS,
    KEPT_FILE,
    LEAVE,
    LEAVE_WORDS,
    LEAVE_SURE,
    LEFT,
    MISSING,
    BAD_EMAIL,
    TOO_LONG,
    GOOD_MORNING,
    GOOD_DAY,
    GOOD_EVENING,
    FIELD_MISSING,
    FIELD_CHOOSE,
    FIELD_TICK,
    FIELD_LONG,
    FIELD_EMAIL_ENDS,
    FIELD_PHONE,
    FIELD_NUMBER,
    FIELD_WHOLE,
    FIELD_LEAST,
    FIELD_MOST,
    FIELD_DATE,
    FIELD_EARLY,
    FIELD_LATE,
    FIELD_SHUT,
    FIELD_ORDER,
    FIELD_TIME,
    FIELD_GONE,
    FIELD_FULL,
    FIELD_FEWER,
    FORM_WRONG_ONE,
    FORM_WRONG_MANY,
    FORM_SENT,
    FORM_TRIED,
    FORM_SHUT,
    FORM_LATER,
    IF_YOU_LIKE,
    FIRST_DAY,
    LAST_DAY,
    PLACE_LEFT,
    PLACES_LEFT,
    FULL,
    SOME_WAIT,
    WAIT_TOO,
    HAS_PLACE,
    HAS_PLACES,
    WAITS,
    GAVE_BACK,
    GIVE_BACK,
    GIVE_BACK_WORDS;

    private static final Control WITHOUT_THE_MACHINES_LANGUAGE =
            Control.getNoFallbackControl(Control.FORMAT_PROPERTIES);

    /** What was looked up once; a page says a dozen of them. */
    private static final Map<String, Map<Phrase, String>> SPOKEN = new ConcurrentHashMap<>();

    /** The words in a language (BCP 47); English where it is not spoken here. */
    public String in(String language) {
        return Objects.requireNonNull(
                SPOKEN.computeIfAbsent(language, Phrase::all).get(this));
    }

    private static Map<Phrase, String> all(String language) {
        ResourceBundle bundle = ResourceBundle.getBundle(
                "venue.core.basics.text.phrases", Locale.forLanguageTag(language), WITHOUT_THE_MACHINES_LANGUAGE);
        Map<Phrase, String> all = new EnumMap<>(Phrase.class);
        for (Phrase phrase : values()) {
            all.put(phrase, bundle.getString(phrase.name()));
        }
        return all;
    }
}
