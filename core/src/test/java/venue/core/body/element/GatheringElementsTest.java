package venue.core.body.element;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.group;
import static venue.core.carry.compose.Compose.list;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose.Part;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.MediaUse;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What is gathered and not written: files by folders, the contents of the site, parts of a page, contacts, what plays. */
class GatheringElementsTest {

    private static final Instant NOW = Instant.parse("2026-11-27T12:00:00Z");
    private static final Kind PAPER = Kind.named(
            "paper",
            "Paper",
            "",
            List.of(
                    Property.of("file", "File", PropertyType.FILE),
                    Property.of("date", "Date", PropertyType.DATE),
                    Property.of("email", "E-mail", PropertyType.WORDS),
                    Property.of("phone", "Telephone", PropertyType.WORDS),
                    Property.many("pictures", "Pictures", Property.of("one", "Picture", PropertyType.PICTURE))));

    private Edition site = Sites.small()
            .with(
                    List.of(
                            PAPER,
                            file("rules", "House rules", "Papers", "2026-03-01"),
                            file("may", "Minutes of May", "Papers/Minutes/2026", "2026-05-04"),
                            file("june", "Minutes of June", "papers/Minutes/2026", "2026-06-01"),
                            file("old", "Minutes of old", "Papers/Minutes", "2019-01-01"),
                            file("beside", "Beside", "Papers of others", "2026-01-01"),
                            Media.picture("loom", "Loom", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(1600)),
                            Media.file("song", "Song", new Hash("ef".repeat(32)), "mp3", 4_000_000)),
                    List.of());

    private static Media file(String id, String name, String folder, String since) {
        String hash = String.format("%02x", id.hashCode() & 0xff).repeat(32);
        return Media.file(id, name, new Hash(hash), "pdf", 12_000)
                .withPlace(name, folder)
                .withSince(since);
    }

    private void add(Item... items) {
        site = site.with(List.of(items), List.of());
    }

    private Document with(Part... parts) {
        Section section = section("s1", "S", parts);
        Page page = site.require(Page.class, "weaving").withZones(new Zones(Map.of("main", List.of(section))));
        add(page);
        return rendered(page.id());
    }

    private Document rendered(String page) {
        View view = View.of(site, NOW, "http://y", View.Mode.VISITOR);
        return Jsoup.parse(
                PageRenderer.render(view, site.require(Page.class, page)).html());
    }

    private static Page paper(String id, String title, String parent, Map<String, Value> fields) {
        return Page.of(id, title, id, "paper")
                .withPlace(parent, 9 << 20)
                .wearing("plain")
                .withFields(fields);
    }

    @Test
    void howManyNameSomethingIsSaidInWordsWhereSomeDo() {
        add(Kind.named("reel", "Reel", "", List.of(Property.of("of", "Of", PropertyType.PAGE))));
        add(paper("one", "One", "weaving", Map.of()), paper("two", "Two", "weaving", Map.of()));
        add(Page.of("r", "Reel one", "r", "reel").wearing("plain").withFields(Map.of("of", Value.of("one"))));
        Document page = with(
                part("listing").with("source", "kind").with("kind", "paper").with("counted", Value.of(true)));
        assertThat(page.select(".card")).hasSize(2);
        assertThat(page.select(".card .named").eachText()).containsExactly("1 page");
    }

    @Test
    void foldersStandWithinFoldersAndEachFileOnce() {
        Document page = with(part("documents").with("folder", "Papers"));
        assertThat(page.select(".documents > li > a").eachText())
                .containsExactly("House rules", "Minutes of old", "Minutes of June", "Minutes of May");
        assertThat(page.select("summary").eachText()).containsExactly("Minutes 3", "2026 2");
        assertThat(page.select(".documents > li > .small").first().text()).isEqualTo("PDF, 12 kB, 1 March 2026");
        assertThat(with(part("documents").with("folder", "papers").with("deep", Value.of(false)))
                        .select(".documents a")
                        .eachText())
                .containsExactly("House rules");
        assertThat(with(part("documents").with("folder", "Papers/Minutes/2026").with("order", "newest"))
                        .select(".documents a")
                        .eachText())
                .containsExactly("Minutes of June", "Minutes of May");
        assertThat(with(part("documents").with("folder", "Nowhere")).select("#main section"))
                .isEmpty();
        with(part("documents").with("folder", "Papers"));
        assertThat(MediaUse.of(site, "june")).extracting(Item::id).containsExactly("weaving");
        assertThat(MediaUse.of(site, "beside")).isEmpty();
    }

    @Test
    void aFileHasWhatItWasBeforeAndLeadsToItsOwnPage() {
        Media now = file("new", "House rules", "", "2026-11-01");
        Media rules = site.require(Media.class, "rules").followedBy(now);
        add(rules);
        assertThat(rules.file()).isEqualTo(now.file());
        assertThat(rules.folder()).isEqualTo("Papers");
        assertThat(rules.paths()).hasSize(2);
        Document page = with(part("documents").with("files", list(group("file", "rules"))));
        assertThat(page.select(".earlier a").attr("href"))
                .isEqualTo(rules.earlier().get(0).path());
        assertThat(page.select(".earlier a").attr("download")).isEqualTo("House rules 2026-03-01.pdf");
        assertThat(with(part("documents")
                                .with("files", list(group("file", "rules")))
                                .with("earlier", Value.of(false)))
                        .select(".earlier"))
                .isEmpty();
        add(paper("own", "The rules of the house", "workshops", Map.of("file", Value.of("rules"))));
        page = with(part("documents").with("files", list(group("file", "rules"))));
        assertThat(page.select(".documents > li > a").eachAttr("href")).containsExactly("/workshops/own", rules.path());
        assertThat(rendered("own").select("a[href$=/own].take")).isEmpty();
        assertThat(rules.without(rules.earlier().get(0).file()).earlier()).isEmpty();
        assertThat(rules.followedBy(rules).earlier())
                .as("never itself before itself")
                .noneMatch(e -> e.file().equals(rules.file()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1|plan|Loomgate Yard, Workshops 2 pages",
                "2|plan|Loomgate Yard, Workshops 2 pages, Rules",
                "2|letter|L 1 page, R 1 page, W 1 page",
                "2|kind|Paper 1 page, Standard page 2 pages",
                "2|month|May 2026 1 page"
            })
    void theContentsOfTheSiteAreThoseOfItsPlan(int depth, String group, String says) {
        add(paper("rules-page", "Rules", "workshops", Map.of("date", Value.of("2026-05-09"))));
        Document page = with(part("site-index").with("depth", Value.of(depth)).with("group", group));
        String lines = group.equals("plan") ? ".site-index li" : ".site-index h2";
        List<String> said = new ArrayList<>();
        page.select(lines).forEach(l -> {
            l.select("ul").remove();
            said.add(l.text());
        });
        assertThat(String.join(", ", said)).isEqualTo(says);
        assertThat(page.select(".site-index a[href=/workshops/weaving]"))
                .as("without the page itself")
                .isEmpty();
    }

    @Test
    void theContentsLeaveOutByNameWithAllBeneathAndKeepToTheirBranches() {
        add(paper("rules-page", "Rules", "workshops", Map.of()));
        Document without = with(part("site-index").with("except", list(group("page", "workshops"))));
        assertThat(without.select(".site-index a").eachText()).containsExactly("Loomgate Yard");
        Document branch = with(part("site-index")
                .with("branches", list(group("page", "workshops")))
                .with("kinds", list(group("kind", "paper"))));
        assertThat(branch.select(".site-index a").eachText()).containsExactly("Workshops", "Rules");
        assertThat(branch.select("small").text()).isEqualTo("1 page");
        assertThat(with(part("site-index").with("kinds", list(group("kind", "topic"))))
                        .select("#main section"))
                .isEmpty();
    }

    @Test
    void contactsStandAsWordsSignsOrButtonsFromTheirOwnFields() {
        add(
                paper("ada", "Ada", "workshops", Map.of("email", Value.of("ada@yard.example"))),
                paper("bo", "Bo", "workshops", Map.of("phone", Value.of("01632 960 001"))),
                paper("cy", "Cy", "workshops", Map.of("email", Value.of("javascript:alert(1)"))));
        for (String form : List.of("words", "signs", "buttons")) {
            Document page = with(part("listing")
                    .with("kind", "paper")
                    .with("order", "title")
                    .with("shape", "people")
                    .with("contacts", form));
            assertThat(page.select(".contacts." + form + " a").eachAttr("href"))
                    .contains("mailto:ada@yard.example", "tel:01632960001")
                    .noneMatch(a -> a.startsWith("javascript"));
        }
        assertThat(with(part("listing").with("kind", "paper")).select(".contacts"))
                .isEmpty();
    }

    @Test
    void theLargeOneBringsWhatItsKindHas() {
        add(paper("one", "One", "workshops", Map.of("file", Value.of("song"), "date", Value.of("2026-11-01"))));
        Part large = part("listing").with("kind", "paper").with("shape", "large");
        assertThat(with(large).select(".large audio[controls][aria-label=One]")).hasSize(1);
        add(paper("one", "One", "workshops", Map.of("date", Value.of("2026-11-01"))));
        assertThat(with(large).select(".large .day b").text()).isEqualTo("1");
    }

    @Test
    void severalPicturesOfAFieldAreShownHoweverTheFieldCallsThem() {
        Map<String, Value> one = Map.of("one", Value.of("loom"));
        add(paper("full", "Full", "workshops", Map.of("pictures", new Value.Many(List.of(one, one))))
                .withTemplate("entry-layout", Zones.NONE, List.of()));
        assertThat(rendered("full").select(".pictures.n2 img")).isNotEmpty();
    }

    /** The page says it, else its kind, else its template; a page that differs is not asked what is usual. */
    @Test
    void partsShowAsThePageSaysElseItsKindElseItsTemplate() {
        Page paper = paper("rules-page", "Rules", "workshops", Map.of("file", Value.of("rules")));
        add(paper);
        assertThat(rendered(paper.id()).select(".around, .part, .documents")).isEmpty();
        add(site.require(venue.core.model.template.Template.class, "plain")
                .with(PagePart.AROUND.key(), Value.of("beside"))
                .with(PagePart.FILES.key(), Value.of("shown")));
        Document page = rendered(paper.id());
        assertThat(page.select(".side .around a").eachText()).containsExactly("Workshops", "Weaving", "Rules");
        assertThat(page.select(".around [aria-current=page]").text()).isEqualTo("Rules");
        assertThat(page.select(".documents a").eachText()).containsExactly("House rules");
        add(PAPER.with(PagePart.AROUND.key(), Value.of("none")));
        assertThat(rendered(paper.id()).select(".around")).isEmpty();
        add(paper.withSetting(PagePart.AROUND.key(), Value.of("beside"))
                .withSetting(PagePart.FILES.key(), Value.of("none")));
        assertThat(rendered(paper.id()).select(".around")).hasSize(1);
        assertThat(rendered(paper.id()).select(".documents")).isEmpty();
        Map<String, Value> said = new TreeMap<>();
        said.put(PagePart.AROUND.key(), Value.of("beneath"));
        assertThat(PagePart.AROUND.way(java.util.stream.Stream.of(Map.of(), said)))
                .isEqualTo("beneath");
        assertThat(PagePart.DATE.way(java.util.stream.Stream.of(said))).isEmpty();
    }

    @Test
    void aPageStandsInListsOfOtherPagesUnlessItSaysOtherwiseEachByItself() {
        Page paper = paper("rules-page", "Rules", "workshops", Map.of());
        Page more = paper("more", "More", "workshops", Map.of()).withPlace("workshops", 1L << 50);
        add(paper.withSetting(PagePart.AROUND.key(), Value.of("beside"))
                .withSetting(PagePart.NEIGHBOURS.key(), Value.of("shown")));
        add(more);
        Part index = part("site-index").with("depth", Value.of(3));
        assertThat(lists())
                .containsExactly("Workshops", "Weaving", "Rules", "More", "Before this Weaving", "After this More");
        assertThat(with(index).select(".site-index a").eachText()).contains("More");
        add(more.withSetting("inAround", Value.of(false)));
        assertThat(lists()).containsExactly("Workshops", "Weaving", "Rules", "Before this Weaving", "After this More");
        add(more.withSetting("inNeighbours", Value.of(false)));
        assertThat(lists()).containsExactly("Workshops", "Weaving", "Rules", "More", "Before this Weaving");
        add(more.withSetting("inIndex", Value.of(false)));
        assertThat(with(index).select(".site-index a").eachText()).doesNotContain("More");
    }

    private List<String> lists() {
        return rendered("rules-page").select(".around a, .neighbours a").eachText();
    }
}
