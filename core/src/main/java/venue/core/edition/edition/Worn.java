package venue.core.edition.edition;

import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/** The template a page wears, and where that is said. */
public record Worn(Template template, Source source) {

    /** Who says which template a page wears. */
    public enum Source {
        /** Chosen on the page. */
        CHOSEN,
        /** As its kind says. */
        KIND,
        /** Neither names one that is there: the site's fallback. */
        FALLBACK
    }

    static Worn of(Edition edition, Page page) {
        return edition.find(Template.class, page.template())
                .map(t -> new Worn(t, Source.CHOSEN))
                .or(() -> edition.kindOf(page)
                        .flatMap(k -> edition.find(Template.class, k.template()))
                        .map(t -> new Worn(t, Source.KIND)))
                .orElseGet(() ->
                        new Worn(edition.require(Template.class, edition.site().fallbackTemplate()), Source.FALLBACK));
    }

    /** The template a new page of the kind would wear. */
    public static Template ofNew(Edition edition, Kind kind) {
        return edition.find(Template.class, kind.template())
                .orElseGet(() -> edition.require(Template.class, edition.site().fallbackTemplate()));
    }
}
