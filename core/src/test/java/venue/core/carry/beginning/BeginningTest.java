package venue.core.carry.beginning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.check.survey.Severity;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;
import venue.core.show.render.OwnPages;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

class BeginningTest {

    private static final NewSite YARD =
            NewSite.of(" Loomgate & Yard ", "Loomgate-Yard.localhost", "en", "Europe/London");

    private static Edition edition(Beginning beginning) {
        return Edition.of(beginning.items(YARD));
    }

    @ParameterizedTest
    @EnumSource
    void nothingInItMustBeFixedAndEveryPageHasItsTemplateAndHolds(Beginning beginning) {
        Edition edition = edition(beginning);
        assertThat(beginning.items(YARD)).extracting(Item::id).doesNotHaveDuplicates();
        assertThat(Survey.ofReleased(edition).all())
                .filteredOn(f -> f.severity() == Severity.MUST_FIX)
                .isEmpty();
        assertThat(edition.home().map(Page::title)).contains("Home");
        assertThat(edition.all(Page.class)).hasSize(beginning == Beginning.EMPTY ? 2 : 14);
    }

    /** What is ready made is offered at once: nobody has to say first that pages may wear it. */
    @ParameterizedTest
    @EnumSource
    void eachTemplateIsOfferedByAKind(Beginning beginning) {
        Edition edition = edition(beginning);
        Set<String> offered =
                edition.all(Kind.class).flatMap(k -> k.templates().stream()).collect(Collectors.toSet());
        assertThat(edition.all(Template.class).map(Template::id))
                .filteredOn(id -> !id.equals(Template.NOT_FOUND))
                .isSubsetOf(offered);
        assertThat(offered).allMatch(id -> edition.find(id).isPresent());
    }

    /** The pages that go live at once say the site's name and have nothing to fill that a visitor would miss. */
    @ParameterizedTest
    @EnumSource
    void whatGoesLiveIsWrittenWithTheSitesName(Beginning beginning) {
        Edition edition = edition(beginning);
        View view = View.of(edition, Instant.EPOCH, "http://x", View.Mode.VISITOR);
        for (String id : beginning.live()) {
            String html =
                    PageRenderer.render(view, edition.page(id).orElseThrow()).html();
            assertThat(html).contains("Loomgate &amp; Yard").doesNotContain("…");
        }
        assertThat(OwnPages.notFound(view).html()).contains("Loomgate &amp; Yard");
    }

    /** A file that nobody lists, or one under another's name, would never be missed. */
    @ParameterizedTest
    @ValueSource(strings = {"ready-made", "empty", "small"})
    void eachFileInAFolderIsListedAndNamedAfterItsItem(String name) throws Exception {
        Folder folder = Folder.open(name);
        Path path = Path.of(Folder.class.getResource(name + "/contents.json").toURI());
        try (Stream<Path> files = Files.walk(path.getParent(), 2)) {
            assertThat(files.filter(f -> f.getNameCount() == path.getNameCount() + 1)
                            .map(f -> path.getParent().relativize(f).toString()))
                    .containsExactlyInAnyOrderElementsOf(
                            folder.items().stream().map(i -> i + ".json").toList());
        }
        List<Item> own = Folder.items(name, Map.of("zone", "Z"));
        assertThat(own.subList(own.size() - folder.items().size(), own.size()))
                .extracting(i -> ItemSort.of(i).noun() + "/" + i.id())
                .isEqualTo(folder.items());
    }

    @ParameterizedTest
    @CsvSource({
        "'', yard.localhost, en, Europe/London, siteName",
        "Yard, https://yard.example, en, Europe/London, siteHost",
        "Yard, yard.example:8080, en, Europe/London, siteHost",
        "Yard, -yard.example, en, Europe/London, siteHost",
        "Yard, 127.0.0.1, en, Europe/London, siteHost",
        "Yard, yard.localhost, english please, Europe/London, language",
        "Yard, yard.localhost, en, London, timeZone",
    })
    void whatCannotBeIsRefusedByField(String name, String host, String language, String zone, String field) {
        assertThatThrownBy(() -> NewSite.of(name, host, language, zone))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo(field));
    }
}
