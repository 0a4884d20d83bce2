package venue.core.basics.link;

/**
 * A link as a page has it.
 *
 * @param href where it leads
 * @param aside what is said beside it; or empty
 */
public record Way(String href, String aside) {

    public static Way to(String href) {
        return new Way(href, "");
    }

    /** What is said beside it as it stands after the link's words; or empty. */
    public String after() {
        return aside.isEmpty() ? "" : " (" + aside + ")";
    }
}
