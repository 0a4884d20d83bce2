package venue.core.change.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.form.FormCommand;
import venue.core.change.edit.media.MediaCommand;
import venue.core.change.edit.page.NewPage;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.usage.FormUse;
import venue.core.edition.usage.MediaStand;
import venue.core.edition.usage.MediaUse;
import venue.core.model.form.Form;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.section.Section;

class PatternAndMediaTest {

    private static final Media LOOM = Media.picture(
                    "loom", "A loom", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(1600))
            .withAlt("A loom", false)
            .withFocal(20, 80);
    private static final Media WOOL =
            Media.picture("wool", "Wool", new Hash("cd".repeat(32)), "png", 800, 600, List.of(800));
    private static final Media GUIDE = Media.file("guide", "A guide", new Hash("ef".repeat(32)), "pdf", 4_000_000);

    private final Edition site = Sites.small().with(List.of(LOOM, WOOL, GUIDE), List.of());

    private static void refused(String code, Edition site, Command command) {
        assertThatThrownBy(() -> Sites.after(site, command))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    @Test
    void aWholePageGoesInAfterMineOrInsteadOfMineAndMineWaitOnTheShelf() {
        Section mine = site.require(Page.class, "weaving").zones().in("main").get(0);
        Page after = Sites.after(
                        site,
                        SectionCommand.placeSection("weaving", "main", 1, "x", "ready-contact-page", null, List.of()))
                .require(Page.class, "weaving");
        assertThat(after.zones().in("main")).hasSize(6).first().isEqualTo(mine);
        assertThat(after.shelf()).isEmpty();
        Page instead = Sites.after(site, SectionCommand.takePattern("weaving", "ready-contact-page"))
                .require(Page.class, "weaving");
        assertThat(instead.zones().in("main")).hasSize(5).doesNotContain(mine);
        assertThat(instead.shelf()).containsExactly(mine.withShelvedFrom("main"));
        assertThat(instead.zones().all().map(Section::id)).doesNotHaveDuplicates();
        Edition back = Sites.after(
                site.with(List.of(instead), List.of()), PageCommand.chooseTemplate(List.of("weaving"), "wide"));
        assertThat(back.require(Page.class, "weaving").zones().in("main")).contains(mine);
    }

    @Test
    void aPageBeginsWithAPatternInsteadOfWhatItsTemplateBringsToTheMainZone() {
        Edition made = Sites.after(
                site,
                NewPages.of("standard", List.of(new NewPage("a", "A"), new NewPage("b", "B")))
                        .beginning("ready-contact-page")
                        .made());
        Page a = made.require(Page.class, "a");
        assertThat(a.zones().in("main"))
                .hasSize(5)
                .allMatch(s -> s.origin() != null && s.origin().item().equals("ready-contact-page"));
        assertThat(made.require(Page.class, "b").zones().all().map(Section::id))
                .doesNotContainAnyElementsOf(a.zones().all().map(Section::id).toList());
    }

    @Test
    void aFormThatAPatternShowsIsMadeWithTheFirstOneAndTakenBackWithIt() {
        Command place = SectionCommand.placeSection("weaving", "main", 0, "x", "form-answer", null, List.of());
        Edition placed = Sites.after(site, place);
        Form made = placed.require(Form.class, "form-invitation");
        assertThat(made.name()).isEqualTo("Answer to an invitation");
        Edition renamed = Sites.after(placed, FormCommand.nameForm(made.id(), "Come!"));
        Edition again = renamed;
        for (Command next : List.of(
                SectionCommand.placeSection("weaving", "main", 0, "y", "form-answer", null, List.of()),
                FormCommand.makeForm("other", "Subscribe", "form-sign-up"),
                SectionCommand.placeSection("weaving", "main", 0, "z", "form-sign-up-band", null, List.of()))) {
            again = Sites.after(again, next);
        }
        assertThat(again.all(Form.class).map(Form::name))
                .containsExactlyInAnyOrder("Come!", "Subscribe", "Subscribe 2");
        assertThat(FormUse.pages(again, made.id())).containsExactly("weaving");
        refused("form-placed", again, FormCommand.removeForm(made.id()));
    }

    @Test
    void pagesMadeAtOnceEachSayWhatTheyAreAbout() {
        Edition made = Sites.after(
                site,
                NewPages.of("standard", List.of(new NewPage("a", "A", "What A is"), new NewPage("b", "B")))
                        .made());
        assertThat(made.require(Page.class, "a").settings()).containsValue(Value.of("What A is"));
        assertThat(made.require(Page.class, "b").settings()).isEmpty();
        String tooLong = "x".repeat(5_000);
        assertThatThrownBy(() -> Sites.after(
                        site,
                        NewPages.of("standard", List.of(new NewPage("c", "C", tooLong)))
                                .made()))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aPictureBehindASectionIsAPlaceToFill() {
        Edition placed = Sites.after(
                site, SectionCommand.placeSection("home", "main", 0, "x", "opening-over-picture", null, List.of()));
        assertThat(waiting(placed)).contains("picture");
        assertThat(placed.require(Page.class, "home")
                        .zones()
                        .require("x")
                        .section()
                        .toFill())
                .hasSameSizeAs(waiting(placed));
        Edition filled = Sites.after(placed, ValueCommand.setValue("home", "x", null, "picture", Value.of("loom")));
        assertThat(waiting(filled))
                .doesNotContain("picture")
                .hasSize(waiting(placed).size() - 1);
    }

    private static List<String> waiting(Edition edition) {
        return edition.toFill(edition.require(Page.class, "home")).stream()
                .filter(p -> p.section().equals("x"))
                .map(PageFacts.ToFill::property)
                .toList();
    }

    private static ValueCommand show(String media) {
        return ValueCommand.setValue("weaving", "weaving-s1", null, "picture", Value.of(media));
    }

    @Test
    void aFileInUseIsNotRemovedWithoutSayingWhere() {
        Edition used = Sites.after(site, show("loom"));
        assertThat(MediaUse.of(used, "loom")).extracting(Item::id).containsExactly("weaving");
        assertThat(MediaUse.of(used, "wool")).isEmpty();
        assertThatThrownBy(() -> Sites.after(used, MediaCommand.removeMedia("loom", false)))
                .hasMessageContaining("used in 1 place: Weaving");
        assertThat(Sites.after(used, MediaCommand.removeMedia("loom", true)).media("loom"))
                .isEmpty();
        assertThat(Sites.after(used, MediaCommand.removeMedia("wool", false)).media("wool"))
                .isEmpty();
    }

    @Test
    void anotherFileTakesThePlaceAndWhatWasSaidStays() {
        Edition used = Sites.after(site, show("loom"));
        Edition replaced = Sites.after(used, MediaCommand.replaceMedia("loom", "wool", false));
        Media now = replaced.media("loom").orElseThrow();
        assertThat(now.file()).isEqualTo(WOOL.file());
        assertThat(now.path()).endsWith("-800.png");
        assertThat(now.alt()).isEqualTo("A loom");
        assertThat(now.focalX()).isEqualTo(20);
        assertThat(replaced.media("wool")).as("its own entry was not used").isEmpty();
        refused("not-alike", site, MediaCommand.replaceMedia("loom", "guide", false));
        refused("not-alike", site, MediaCommand.replaceMedia("loom", "loom", false));
    }

    @Test
    void filesAreFiledAndFocused() {
        Edition filed = Sites.after(site, MediaCommand.fileMedia("guide", " The\nguide ", " Guides "));
        assertThat(filed.media("guide").orElseThrow())
                .satisfies(m -> assertThat(m.name() + "/" + m.folder()).isEqualTo("The guide/Guides"));
        refused("bad-name", site, MediaCommand.fileMedia("guide", "", "x"));
        refused("out-of-range", site, MediaCommand.focusMedia("loom", 101, 0));
        assertThat(Sites.after(site, MediaCommand.focusMedia("loom", 0, 100))
                        .media("loom")
                        .orElseThrow()
                        .focalY())
                .isEqualTo(100);
    }

    @Test
    void aFilesSortFollowsFromItsEnding() {
        assertThat(GUIDE.sort()).isEqualTo(Media.Sort.DOCUMENT);
        assertThat(GUIDE.path()).isEqualTo("/-/media/" + "ef".repeat(10) + ".pdf");
        assertThat(Map.of("mp4", Media.Sort.FILM, "ogg", Media.Sort.SOUND, "svg", Media.Sort.PICTURE))
                .allSatisfy((format, sort) -> assertThat(Media.file("x", "X", new Hash("0".repeat(64)), format, 1)
                                .sort())
                        .isEqualTo(sort));
    }

    @Test
    void whereAPictureStandsIsToldWithTheShapeItIsCutTo() {
        Edition wide = Sites.after(
                site,
                SectionCommand.placeElement(
                        "weaving",
                        "weaving-s1",
                        "c1",
                        0,
                        "pic",
                        "image",
                        Map.of("picture", Value.of("loom"), "shape", Value.of("wide"))));
        Edition shared = Sites.after(
                Sites.after(wide, ValueCommand.setValue("home", null, null, "shareImage", Value.of("loom"))),
                ValueCommand.setValue("home", "home-s1", null, "tile", Value.of("loom")));
        assertThat(MediaStand.of(shared, "loom"))
                .containsExactlyInAnyOrder(
                        new MediaStand("weaving", "Weaving", "Picture in Text", "Wide 16 : 9"),
                        new MediaStand("home", "Loomgate Yard", "Picture when shared", "1.91 : 1"),
                        new MediaStand("home", "Loomgate Yard", "Tile in Text", ""));
        assertThat(MediaStand.of(shared, "wool")).isEmpty();
    }
}
