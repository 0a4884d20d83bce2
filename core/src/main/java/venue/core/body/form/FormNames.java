package venue.core.body.form;

/** Names of what a form sends besides its fields: none of them can be a field's. */
public final class FormNames {

    /** The id of the form. */
    public static final String FORM = "-form";
    /** What says when the page was written. */
    public static final String STAMP = "-stamp";
    /** A line that nobody sees. */
    public static final String TRAP = "-website";

    /** By which somebody is known who has sent a form: it is asked for with the page, too. */
    public static final String SENT = "-sent";
    /** The same, by whoever gives places back. */
    public static final String BACK = "-back";

    /** The id of the comment that is answered. */
    public static final String TO = "-to";

    /** By which somebody is known who changes what they said. */
    public static final String CHANGE = "-change";

    /** The id of a comment of which somebody says that it should not stand there. */
    public static final String REPORT = "-report";

    /** What somebody gives a page, from one to five; it is asked for with the page that thanks for it, too. */
    public static final String RATE = "-rate";

    /** The number of the step that is filled in. */
    public static final String STEP = "-step";

    /** Where to from it: on, back, to a step by its number, or off it goes. */
    public static final String GO = "-go";

    public static final String GO_BACK = "back";

    public static final String GO_OFF = "send";

    /** What a visitor's machine worked out, where a form asks for that. */
    public static final String WORK = "-work";

    /** How much of it: so many bits of a hash (SHA-256) are zero. */
    public static final int WORK_BITS = 15;

    /** Where one element of a page is asked for by a page that is served elsewhere. */
    public static final String PART = "/-/part";

    /** Where things are taken along, and what was is looked over. */
    public static final String BASKET = "/-/basket";

    /** The id of what is taken along. */
    public static final String TAKE = "-take";

    private FormNames() {}

    /** The id of a form on its page. */
    public static String anchor(String form) {
        return "form-" + form;
    }
}
