package venue.server.beginning;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import venue.core.basics.item.Item;
import venue.core.carry.beginning.NewSite;
import venue.core.model.media.Media;
import venue.core.model.site.Site;
import venue.demo.DemoGuides;
import venue.demo.DemoPictures;
import venue.demo.KestrelMoor;
import venue.store.media.MediaIntake;

/** The worked example: the demo's pages and pictures, its dates around today. */
public final class ExampleSite {

    private ExampleSite() {}

    /**
     * All of it; its pictures and files are taken in.
     *
     * @param taken told after each picture how many have been taken in
     */
    public static List<Item> items(InstantSource clock, MediaIntake intake, IntConsumer taken) {
        List<Item> items = new ArrayList<>(words(clock));
        DemoPictures.all().forEach((id, picture) -> {
            Media media = intake.take(id, picture.name(), DemoPictures.bytes(id));
            items.add(media.withAlt(picture.alt(), false).withPlace(picture.name(), picture.folder()));
            taken.accept((int) items.stream().filter(Media.class::isInstance).count());
        });
        LocalDate today = today(clock);
        DemoGuides.all().forEach(guide -> items.add(guide(guide, today, intake)));
        return items;
    }

    private static Media guide(DemoGuides.Guide guide, LocalDate today, MediaIntake intake) {
        LocalDate made = today.minusDays(guide.days());
        Media now = intake.take(guide.id(), guide.name(), guide.bytes())
                .withPlace(guide.name(), guide.folder())
                .withSince(made.toString());
        return guide.earlier()
                .map(bytes -> intake.take(guide.id(), guide.name(), bytes)
                        .withPlace(guide.name(), guide.folder())
                        .withSince(made.minusYears(1).toString())
                        .followedBy(now))
                .orElse(now);
    }

    private static LocalDate today(InstantSource clock) {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** All but its pictures and files. */
    static List<Item> words(InstantSource clock) {
        return KestrelMoor.items(today(clock));
    }

    public static int pictures() {
        return DemoPictures.all().size();
    }

    /** The same under another name, host, language and time zone. */
    static List<Item> as(NewSite asked, List<Item> items) {
        return items.stream()
                .map(i -> i.id().equals(Site.ID) ? named(asked, (Site) i) : i)
                .toList();
    }

    private static Site named(NewSite asked, Site site) {
        return site.described(asked.name(), asked.language(), asked.zone()).withHosts(List.of(asked.host()));
    }
}
