package venue.core.model.form;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What a form is set to, besides its fields. */
public final class FormSettings {

    private static final String AFTER_WORDS = "words";
    private static final String AFTER_PAGE = "page";
    private static final String AFTER_ADDRESS = "address";
    private static final int LONGEST_WORDS = 2_000;

    /** A pattern for one address of mail, as browsers hold it (HTML, 4.10.5.1.5), with a dot in its domain. */
    public static final String EMAIL =
            "[a-zA-Z0-9.!#$%&'*+/=?^_`{|}~-]+@[a-zA-Z0-9-]{1,63}(\\.[a-zA-Z0-9-]{1,63})*" + "\\.[a-zA-Z0-9-]{2,63}";

    /** What stands for how many come in the words of a button. */
    public static final String HOW_MANY = "#";

    public static final Property BUTTON =
            of("button", "The button says", PropertyType.WORDS).longest(60);
    public static final Property AFTER = choice(
            "after",
            "When it has been sent",
            AFTER_WORDS + "=Words in its place",
            AFTER_PAGE + "=A page",
            AFTER_ADDRESS + "=Another address");
    public static final Property THANKS = of("thanks", "What is said then", PropertyType.LINES)
            .longest(LONGEST_WORDS)
            .onlyWhen("after=" + AFTER_WORDS)
            .under("After sending");
    public static final Property PAGE = of("page", "The page", PropertyType.PAGE)
            .onlyWhen("after=" + AFTER_PAGE)
            .under("After sending");
    public static final Property ADDRESS = of("address", "The address", PropertyType.LINK)
            .onlyWhen("after=" + AFTER_ADDRESS)
            .under("After sending");
    public static final Property HANDS_ON = of("handsOn", "What was filled in goes along", PropertyType.YES_NO)
            .onlyWhen("after=" + AFTER_ADDRESS)
            .help("In the address, and nothing of it is kept here: for a calendar of bookings elsewhere.")
            .under("After sending");
    public static final Property PLACES = of("places", "How many may come is said by", PropertyType.FIELD)
            .help("A number in what is chosen: “Places: 40”. It is counted, and the form closes when all are given.")
            .under("Places that run out");
    public static final Property PEOPLE = of("people", "How many come is said by", PropertyType.FIELD)
            .help("A number in this form. Without it each answer counts one.")
            .onlyWhen("places")
            .under("Places that run out");
    public static final Property BUTTON_MANY = of("buttonMany", "The button says for several", PropertyType.WORDS)
            .longest(60)
            .eachLine(new Property.LineRule(
                    ".*" + HOW_MANY + ".*", "has no # for how many come.", "Write it as “Book # places”."))
            .help("“Book # places”: how many come stands in place of #.")
            .onlyWhen("people")
            .under("Places that run out");
    public static final Property WAITING = of("waiting", "Keep a waiting list when it is full", PropertyType.YES_NO)
            .fallback(Value.of(true))
            .help("Who waits moves up by itself, in the order in which they came.")
            .onlyWhen("places")
            .under("Places that run out");
    public static final Property COPIES = of("copies", "Copies by mail to", PropertyType.LINES)
            .notWords()
            .longest(600)
            .eachLine(
                    new Property.LineRule(EMAIL, "is no address of mail.", "Write one on each line: noor@example.org."))
            .help("One address on each line. Their answer goes to whoever sent the form.")
            .under("Letters");
    public static final Property LETTER = of("letter", "A letter to whoever sent it", PropertyType.YES_NO)
            .help("To the first e-mail address that the form asks for.")
            .under("Letters");
    public static final Property LETTER_WORDS = of("letterWords", "What it says", PropertyType.LINES)
            .longest(LONGEST_WORDS)
            .help(
                    "What was filled in follows. Where places run out, the letter says whether there is one, and how to give it back.")
            .onlyWhen("letter")
            .under("Letters");
    public static final Property REPLY = of("reply", "What an answer by mail begins with", PropertyType.LINES)
            .longest(LONGEST_WORDS)
            .help("{name} stands for whoever sent it. It can be written over in each letter.")
            .under("Letters");
    public static final Property REMINDER = of("reminder", "Another letter the day before", PropertyType.YES_NO)
            .help("To whoever has a place, from nine in the morning. The kind of what is chosen has to have a date.")
            .onlyWhen("places")
            .under("Letters");
    public static final Property HOOK = of("hook", "Hand each answer on to", PropertyType.WORDS)
            .notWords()
            .longest(500)
            .eachLine(new Property.LineRule(
                    "https?://[^\\s/?#@]+([/?]\\S*)?",
                    "is no address of another machine.",
                    "Write it as https://desk.example/in."))
            .help("As JSON, signed; tried again for a day where it isn’t taken. What came of each stands beneath.")
            .under("To another machine");
    public static final Property LIST = of("list", "Who sends it gets letters", PropertyType.YES_NO)
            .help(
                    "It makes a list: the first e-mail address that it asks for is written to, to confirm, and stands under Letters from then on.")
            .under("Letters");
    public static final Property COMMENT = of("comment", "Others read what is said in", PropertyType.FIELD)
            .help(
                    "A field of several lines. It makes a form for comments: what is written in it stands with the name where the element Comments is, once the rule of the page lets it.")
            .under("Comments");
    public static final Property MEMBERS = of("members", "Only members can send it", PropertyType.YES_NO)
            .help("Whoever is not signed in is asked to, where it stands.")
            .under("Who sends it");
    public static final Property WORK = of("work", "Visitors’ machines do a little work for it", PropertyType.YES_NO)
            .help(
                    "Part of a second, by a script of this site: it costs whoever sends thousands. Who has no script is set apart with what looks like spam.")
            .under("Against floods");
    public static final Property MONTHS = number("months", "Answers are kept for", 1, 120, 12, "months")
            .help("Then they are removed by themselves, for good.")
            .under("How long");

    public static final Property EDITORS = of("editors", "Editors work with its answers", PropertyType.YES_NO)
            .help("Managers always do.")
            .under("Who works with them");

    private static final List<Property> ALL = List.of(
            BUTTON,
            AFTER,
            THANKS,
            PAGE,
            ADDRESS,
            HANDS_ON,
            PLACES,
            PEOPLE,
            BUTTON_MANY,
            WAITING,
            COPIES,
            LETTER,
            LETTER_WORDS,
            REPLY,
            REMINDER,
            LIST,
            HOOK,
            COMMENT,
            MEMBERS,
            WORK,
            MONTHS,
            EDITORS);

    private FormSettings() {}

    public static List<Property> all() {
        return ALL;
    }

    static boolean leadsToPage(String after) {
        return after.equals(AFTER_PAGE);
    }

    static boolean leadsElsewhere(String after) {
        return after.equals(AFTER_ADDRESS);
    }
}
