package venue.server.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;

/**
 * Who may see a page.
 *
 * @param groups ids, where it is for some groups
 * @param hidden whether whoever may not doesn't learn that it is there
 * @param source where it has that from
 * @param from the page above, or the kind, that gives it, by name; absent where the page or the site does
 */
public record GateTold(
        Audience.Who who,
        List<String> groups,
        boolean hidden,
        Gates.Source source,
        @Nullable String from) {

    public static GateTold of(Edition edition, Page page) {
        Gates.Held held = Gates.of(edition).of(page);
        Gate gate = held.gate();
        String from = edition.page(held.from())
                .map(Page::title)
                .or(() -> edition.find(Kind.class, held.from()).map(Kind::name))
                .orElse(null);
        return new GateTold(
                gate.audience().who(),
                gate.audience().groups().stream().sorted().toList(),
                gate.hidden(),
                held.source(),
                from);
    }

    /** The same where a page is not for everyone for whom all pages are; absent where it is. */
    static @Nullable GateTold unlessOpen(Edition edition, Page page) {
        GateTold told = of(edition, page);
        return told.who() == Audience.Who.EVERYONE && told.source() == Gates.Source.SITE ? null : told;
    }
}
