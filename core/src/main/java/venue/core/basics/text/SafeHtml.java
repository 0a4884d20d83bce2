package venue.core.basics.text;

/** HTML that {@link HtmlCleaner} made, and so may be written as it stands; nothing else can make one. */
public final class SafeHtml {

    private final String html;

    SafeHtml(String html) {
        this.html = html;
    }

    public String html() {
        return html;
    }

    @Override
    public String toString() {
        return html;
    }
}
