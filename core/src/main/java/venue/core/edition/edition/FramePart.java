package venue.core.edition.edition;

import java.util.List;
import java.util.stream.Stream;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/** What stands around the sections of a page. */
public enum FramePart {
    HEADER,
    TITLE_BAND,
    FOOTER;

    /** Those that visitors don't get on a page, in the template that it wears. */
    public static List<FramePart> lackedBy(Edition edition, Page page) {
        Template template = edition.worn(page).template();
        return Stream.of(values())
                .filter(part -> !part.stands(edition, page, template))
                .toList();
    }

    private boolean stands(Edition edition, Page page, Template template) {
        return switch (this) {
            case HEADER -> template.shows("header");
            case TITLE_BAND -> TitleBand.of(edition, page, template) != TitleBand.NONE;
            case FOOTER -> template.shows("footer");
        };
    }
}
