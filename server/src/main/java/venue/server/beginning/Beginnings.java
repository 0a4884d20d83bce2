package venue.server.beginning;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.carry.beginning.Beginning;
import venue.core.carry.beginning.NewSite;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Tally;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.template.Template;
import venue.store.database.DataFolder;
import venue.store.media.MediaFiles;
import venue.store.media.MediaIntake;

/** The beginnings: {@code empty}, {@code small}, {@code example}. They are shown under a name that nobody has typed yet. */
@Component
public class Beginnings {

    private static final String EXAMPLE = "example";
    private static final Duration LOOKED_AT = Duration.ofMinutes(30);
    private static final List<String> EXAMPLE_LIVE = List.of("welcome", "privacy");
    private static final NewSite SHOWN = new NewSite("Your site", "your-site.example", "en", ZoneOffset.UTC);
    /**
     * A beginning as it is offered.
     */
    public record Offer(
            @JsonUnwrapped OfferHead head,
            @JsonUnwrapped OfferPages pages,
            @JsonUnwrapped OfferParts parts) {

        /** @param look the name of the look it brings */
        public record OfferHead(String id, String name, String note, String look) {}

        /**
         * @param home the id of its home page
         * @param pages all its pages, in the order of the plan
         * @param live how many of them go live at once
         */
        public record OfferPages(String home, List<OfferedPage> pages, int live, int toFill) {}

        /** How much of each it brings. */
        public record OfferParts(int templates, int patterns, int kinds, int pictures) {}

        /** A page, whose drawing lies at {@code /-/beginning/BEGINNING/ID}. */
        public record OfferedPage(String id, String title) {}
    }

    private final InstantSource clock;
    private final MediaIntake intake;
    private final Supplier<MediaFiles> drawn;
    /** Kept while they are looked at, which is once. */
    private final Cache<String, Edition> shown =
            Caffeine.newBuilder().expireAfterAccess(LOOKED_AT).build();

    @Autowired
    Beginnings(InstantSource clock, MediaIntake intake, DataFolder folder) {
        this(clock, intake, () -> new MediaFiles(folder.incoming().resolve("beginnings")));
    }

    private Beginnings(InstantSource clock, MediaIntake intake, Supplier<MediaFiles> drawn) {
        this.clock = clock;
        this.intake = intake;
        this.drawn = drawn;
    }

    /** The same where nobody looks at them. */
    public static Beginnings toMakeOf(InstantSource clock, MediaIntake intake) {
        return new Beginnings(clock, intake, () -> {
            throw new IllegalStateException("nobody looks at beginnings here");
        });
    }

    public static List<String> ids() {
        return List.of("empty", "small", EXAMPLE);
    }

    /** The pictures of what is shown; they go with the process. */
    public MediaFiles pictures() {
        return drawn.get();
    }

    /** A beginning to look at, with its pictures. */
    public Edition shown(String id) {
        check(id);
        return shown.get(
                id,
                i -> Edition.of(
                        i.equals(EXAMPLE)
                                ? ExampleSite.items(clock, new MediaIntake(drawn.get()), taken -> {})
                                : ready(i).items(SHOWN)));
    }

    /** All that is being looked at. */
    public Stream<Edition> allShown() {
        return shown.asMap().values().stream();
    }

    public static String check(String id) {
        if (!ids().contains(id)) {
            throw Refusal.badInput(
                    "no-beginning",
                    "beginWith",
                    "There is no beginning “" + id.substring(0, Math.min(40, id.length())) + "”.",
                    "Take one of " + String.join(", ", ids()) + ".");
        }
        return id;
    }

    /** What a site is made of. */
    public List<Item> items(String id, NewSite site) {
        return check(id).equals(EXAMPLE)
                ? ExampleSite.as(site, ExampleSite.items(clock, intake, taken -> {}))
                : ready(id).items(site);
    }

    /** The pages of it that go live at once. */
    public static List<String> live(String id) {
        return id.equals(EXAMPLE) ? EXAMPLE_LIVE : ready(id).live();
    }

    private static Beginning ready(String id) {
        return Beginning.valueOf(id.toUpperCase(Locale.ROOT));
    }

    public List<Offer> offers() {
        return ids().stream().map(this::offer).toList();
    }

    private Offer offer(String id) {
        boolean example = id.equals(EXAMPLE);
        Edition edition = example ? Edition.of(ExampleSite.words(clock)) : shown(id);
        List<Offer.OfferedPage> pages = edition.plan()
                .inOrder()
                .flatMap(p -> edition.page(p).stream())
                .map(p -> new Offer.OfferedPage(p.id(), p.title()))
                .toList();
        return new Offer(
                new Offer.OfferHead(
                        id,
                        example ? "Worked example" : ready(id).label(),
                        example
                                ? "The pages of an observatory that is made up, to look around in"
                                : ready(id).note(),
                        edition.theme().name()),
                new Offer.OfferPages(
                        edition.home().map(Page::id).orElse(""),
                        pages,
                        live(id).size(),
                        Tally.of(edition, edition).toFill()),
                new Offer.OfferParts(
                        count(edition, Template.class),
                        count(edition, Pattern.class),
                        count(edition, Kind.class),
                        example ? ExampleSite.pictures() : 0));
    }

    private static int count(Edition edition, Class<? extends Item> sort) {
        return (int) edition.all(sort).count();
    }
}
