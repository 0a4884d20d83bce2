package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.kind.Kind;

class KindShowsTest {

    private final Edition site = Sites.small();

    private static Edition saying(Edition edition, String item, String key, String value) {
        return Sites.after(edition, ValueCommand.setValue(item, null, null, key, Value.of(value)));
    }

    private static KindShows of(Edition edition, String kind) {
        return KindShows.of(edition, edition.require(Kind.class, kind));
    }

    @Test
    void aKindThatSaysNothingShowsWhatItsTemplateDoes() {
        assertThat(of(site, "standard"))
                .isEqualTo(new KindShows(false, false, List.of(), List.of(), TitleBand.WORDS, List.of()));
    }

    @Test
    void itSaysWhichColumnsAndPartsAndWhichOfThemHoldNothing() {
        Edition said = saying(
                saying(saying(site, "standard", "sides", "both"), "standard", "band", "picture"),
                "standard",
                "partTopics",
                "shown");
        KindShows shows = of(said, "standard");
        assertThat(shows.left() && shows.right()).isTrue();
        assertThat(shows.inLeft()).isEmpty();
        assertThat(shows.band()).isEqualTo(TitleBand.PICTURE);
        assertThat(shows.parts()).containsExactly("partTopics");
    }

    @Test
    void aPageThatSaysOtherwiseIsNamedOnceForColumnsAndOnceForAllItsParts() {
        Edition said = saying(site, "home", "sides", "left");
        said = saying(said, "home", "partTopics", "shown");
        said = saying(saying(said, "home", "partDate", "none"), "weaving", "sides", "usual");
        Kind kind = said.require(Kind.class, said.page("home").orElseThrow().kind());
        assertThat(KindShows.own(said, kind))
                .containsEntry(KindShows.Aspect.SIDES, List.of("home"))
                .containsEntry(KindShows.Aspect.PARTS, List.of("home"));
        assertThat(KindShows.own(site, kind)).isEmpty();
    }
}
