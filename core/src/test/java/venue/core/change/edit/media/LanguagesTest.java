package venue.core.change.edit.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** Pages in another language than their site's, and what their pictures say there. */
class LanguagesTest {

    private static final Media LOOM = Media.picture(
                    "loom", "A loom", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(1600))
            .withAlt("A loom in a bright room", false);

    private final Edition site = Sites.after(
            Sites.small().with(List.of(LOOM), List.of()),
            SectionCommand.placeElement(
                    "weaving", "weaving-s1", "c1", 0, "pic", "image", Map.of("picture", Value.of("loom"))));

    private static String html(Edition site) {
        View view = View.of(site, Instant.parse("2026-11-23T12:00:00Z"), "http://x", View.Mode.VISITOR);
        return PageRenderer.render(view, site.require(Page.class, "weaving")).html();
    }

    private static Edition in(Edition site, String language) {
        return Sites.after(site, ValueCommand.setValue("weaving", null, null, "language", Value.of(language)));
    }

    private static Edition described(Edition site, String language, String words) {
        return Sites.after(site, new DescribeMedia("loom", words, false, language));
    }

    @Test
    void aPageSaysItsOwnLanguageAndItsPicturesSpeakIt() {
        assertThat(html(site)).contains("<html lang=\"en-GB\">", "alt=\"A loom in a bright room\"");
        Edition german = in(described(site, "de-AT", "Ein Webstuhl"), "de");
        assertThat(html(german)).contains("<html lang=\"de\">", "alt=\"Ein Webstuhl\"", "og:locale\" content=\"de\"");
        assertThat(html(in(german, "fr")))
                .as("the site's own words where nobody has said it in French")
                .contains("<html lang=\"fr\">", "alt=\"A loom in a bright room\"");
        assertThat(html(in(german, "site"))).isEqualTo(html(site));
    }

    @Test
    void writingThatRunsFromTheRightIsMarkedSo() {
        assertThat(html(in(site, "ar"))).contains("<html lang=\"ar\" dir=\"rtl\">");
        assertThat(html(site)).doesNotContain("dir=");
    }

    @Test
    void wordsInOneLanguageLeaveThoseInOthers() {
        Media both = described(described(site, "de", "Ein Webstuhl"), "fr", "Un métier")
                .require(Media.class, "loom");
        assertThat(both.altIn()).isEqualTo(Map.of("de", "Ein Webstuhl", "fr", "Un métier"));
        assertThat(both.alt()).isEqualTo(LOOM.alt());
        Media less = described(described(site, "de", "Ein Webstuhl"), "de", " ").require(Media.class, "loom");
        assertThat(less.altIn()).isEmpty();
        Media own = described(site, "en-US", "Another").require(Media.class, "loom");
        assertThat(own.alt()).as("the site's own language, whatever its region").isEqualTo("Another");
        assertThat(own.replacedBy(LOOM).alt("en")).isEqualTo("Another");
    }

    @Test
    void whatOnlyDecoratesSaysNothingInAnyLanguage() {
        Edition quiet = Sites.after(described(site, "de", "Ein Webstuhl"), new DescribeMedia("loom", null, true, null));
        assertThat(quiet.require(Media.class, "loom").alt("de")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"x", "german!", "de_AT", "<b>"})
    void whatIsNoLanguageIsRefused(String tag) {
        assertThatThrownBy(() -> described(site, tag, "words"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("bad-language"));
    }
}
