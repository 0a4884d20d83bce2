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
        String kind = edition.kindOf(page)
                .map(Kind::settings)
                .map(s -> Values.text(s, KEY))
                .orElse("");
        return switch (kind.isEmpty() || kind.equals("template") ? template.band() : kind) {
            case "none" -> NONE;
            case "picture" -> PICTURE;
            default -> WORDS;
        };
    }
}
