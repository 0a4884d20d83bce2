package venue.core.edition.edition;

import venue.core.basics.value.Values;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/** The band that holds a page's title: as its kind says, else its template. */
public enum TitleBand {
    WORDS,
    /** With the page's own picture behind it. */
    PICTURE,
    NONE;

    /** The setting of kinds that says it. */
    public static final String KEY = "band";

    /** In the template that it wears. */
    public static TitleBand of(Edition edition, Page page, Template template) {
        return edition.kindOf(page).map(k -> ofKind(k, template)).orElseGet(() -> said("", template));
    }

    /** Of pages of a kind, in a template. */
    static TitleBand ofKind(Kind kind, Template template) {
        return said(Values.text(kind.settings(), KEY), template);
    }

    private static TitleBand said(String kind, Template template) {
        return switch (kind.isEmpty() || kind.equals("template") ? template.band() : kind) {
            case "none" -> NONE;
            case "picture" -> PICTURE;
            default -> WORDS;
        };
    }
}
