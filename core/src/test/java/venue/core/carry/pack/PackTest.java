package venue.core.carry.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Memory;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.NewSite;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

class PackTest {

    private static final Memory MEMORY = new Memory();

    /** A site with what it knows of its items: those of the small site are the same everywhere, others its own. */
    private static final class Site implements Known {
        private final String name;
        private final Set<String> common;
        private final Map<String, String> came = new HashMap<>();
        private final Map<String, Hash> taken = new HashMap<>();
        private final Set<String> used = new HashSet<>();
        private Edition now;

        private Site(String name, Edition begun) {
            this.name = name;
            now = begun;
            common = begun.items().stream().map(Item::id).collect(Collectors.toSet());
            use();
        }

        private void use() {
            now.items().forEach(i -> used.add(i.id()));
        }

        private void after(Edition next) {
            now = next;
            use();
        }

        private Pack pack(String item) {
            return new Packing(now, this, MEMORY).of(item, true);
        }

        private Report look(Pack pack, ReadAsked asked) {
            return Reading.of(pack, now, this, MEMORY, asked).report();
        }

        private void read(Pack pack, ReadAsked asked) {
            Reading reading = Reading.of(pack, now, this, MEMORY, asked);
            after(Sites.after(now, WholeCommand.takeInAsTheyAre("a pack", List.copyOf(reading.items()))));
            reading.came().forEach((id, one) -> {
                came.put(id, one.identity());
                taken.put(id, MEMORY.hashOf(one.theirs()));
            });
        }

        @Override
        public String identity(String id) {
            return came.getOrDefault(id, Pack.identity(id, common.contains(id) ? "" : name));
        }

        @Override
        public Optional<String> find(String identity) {
            return used.stream()
                    .filter(i -> identity(i).equals(identity))
                    .sorted()
                    .findFirst();
        }

        @Override
        public boolean isUsed(String id) {
            return used.contains(id);
        }

        @Override
        public Optional<Hash> taken(String id) {
            return Optional.ofNullable(taken.get(id));
        }
    }

    private final Site here = new Site("here", Sites.small());
    private final Site there = new Site("there", Sites.small());

    private static ReadAsked asked(ReadAsked.Differing differing, ReadAsked.How how, String at) {
        return new ReadAsked(differing, Map.of(), how, at, false, false, null);
    }

    @Property(tries = 60)
    void whatIsReadTwiceIsThereOnceAndNothingOfOnesOwnIsLost(@ForAll long seed) {
        Site from = new Site("from", Sites.small());
        Site into = new Site("into", Sites.small());
        from.after(new Mischief(seed).upon(from.now, 12));
        into.after(new Mischief(seed + 1).upon(into.now, 12));
        List<String> pages = from.now.plan().inOrder().toList();
        String root = pages.get(new Random(seed).nextInt(pages.size()));
        Edition before = into.now;
        into.read(from.pack(root), ReadAsked.USUAL);
        before.items().forEach(i -> assertThat(into.now.find(i.id())).contains(i));
        assertThat(into.look(from.pack(root), ReadAsked.USUAL).steps()).isZero();
        Report again = into.look(
                into.pack(
                        root.equals("home")
                                ? "home"
                                : into.now.home().orElseThrow().id()),
                ReadAsked.USUAL);
        assertThat(again.lines().fresh()).isEmpty();
        assertThat(again.lines().differing())
                .as("but for what links to a page that is gone, which a pack says otherwise")
                .allMatch(line -> leadsNowhere(into.now, line.id()));
    }

    private static boolean leadsNowhere(Edition site, String page) {
        return site.allFacts(site.require(Page.class, page))
                .flatMap(f -> f.leads().pages().stream())
                .anyMatch(to -> site.page(to).isEmpty());
    }

    @Test
    void aPageComesWithWhatItNeedsAndNothingElse() {
        there.after(Sites.after(there.now, PageCommand.setTitle("weaving", "Weaving and dyeing")));
        Pack pack = there.pack("workshops");
        assertThat(pack.items().stream().map(p -> p.item().id())).contains("workshops", "weaving", "standard");
        assertThat(pack.items().stream().map(Pack.Packed::item)).noneMatch(i -> i.id().equals("home"));
        assertThat(pack.items().stream().filter(p -> p.item() instanceof Template))
                .hasSize(1);
        assertThat(pack.items().stream().filter(p -> p.item() instanceof Kind)).hasSize(1);
        Report report = here.look(pack, ReadAsked.USUAL);
        assertThat(report.lines().differing()).extracting(Report.PackLine::name).containsExactly("Weaving and dyeing");
        assertThat(report.lines().fresh()).isEmpty();
    }

    @Test
    void aLinkToAPageThatDidNotComeIsAPlaceToFillOrPlainWords() {
        there.after(
                Sites.after(there.now, NewPages.one("standard", "yarn", "Yarn").made()));
        there.after(Sites.after(
                there.now,
                ValueCommand.setValue(
                        "weaving",
                        "weaving-s1",
                        "e2",
                        "text",
                        Value.of("<p>See <a href=\"page:yarn\">yarn</a> and <a href=\"page:home\">home</a></p>"))));
        here.after(Sites.after(here.now, PageCommand.removePage("weaving")));
        here.read(there.pack("weaving"), ReadAsked.USUAL);
        Page weaving = here.now.require(Page.class, "weaving");
        assertThat(weaving.zones()
                        .all()
                        .flatMap(Section::elements)
                        .map(e -> e.props().get("text")))
                .contains(Value.of("<p>See yarn and <a href=\"page:home\">home</a></p>"));
        assertThat(here.look(there.pack("weaving"), ReadAsked.USUAL).gone()).containsExactly("Yarn");
    }

    @Test
    void whatDiffersStaysOrGivesWayOrStandsBeside() {
        there.after(Sites.after(there.now, PageCommand.setTitle("weaving", "Tapestry")));
        Pack pack = there.pack("weaving");
        assertThat(here.look(pack, ReadAsked.USUAL).steps()).isZero();
        here.read(pack, asked(ReadAsked.Differing.BOTH, ReadAsked.How.UNDER, null));
        assertThat(here.now.all(Page.class).map(Page::title)).contains("Weaving", "Tapestry (2)");
        here.read(pack, asked(ReadAsked.Differing.BOTH, ReadAsked.How.UNDER, null));
        assertThat(here.now.all(Page.class)).hasSize(4);
        here.read(pack, asked(ReadAsked.Differing.THEIRS, ReadAsked.How.UNDER, null));
        assertThat(here.now.require(Page.class, "weaving").title()).isEqualTo("Tapestry");
        assertThat(here.now.plan().address("weaving")).isEqualTo("/workshops/weaving");
    }

    @Test
    void aPageCanComeInPlaceOfAnotherAndOnlyAsPatterns() {
        there.after(Sites.after(there.now, PageCommand.setTitle("weaving", "Tapestry")));
        Pack pack = there.pack("weaving");
        here.read(pack, asked(ReadAsked.Differing.MINE, ReadAsked.How.IN_PLACE_OF, "home"));
        Page home = here.now.home().orElseThrow();
        assertThat(home.title()).isEqualTo("Tapestry");
        assertThat(home.segment()).isEqualTo("loomgate-yard");
        assertThat(here.now.require(Page.class, "weaving").title()).isEqualTo("Weaving");
        long patterns = here.now.all(Pattern.class).count();
        here.read(pack, asked(ReadAsked.Differing.MINE, ReadAsked.How.ONLY_PATTERNS, null));
        here.read(pack, asked(ReadAsked.Differing.MINE, ReadAsked.How.ONLY_PATTERNS, null));
        assertThat(here.now.all(Pattern.class)).hasSize((int) patterns + 1);
        assertThatThrownBy(() -> here.look(
                        there.pack("plain"), asked(ReadAsked.Differing.MINE, ReadAsked.How.ONLY_PATTERNS, null)))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void anotherCopyComesAsOftenAsItIsWanted() {
        Pack pack = there.pack("weaving");
        ReadAsked another = ReadAsked.each(Map.of("weaving", ReadAsked.Differing.BOTH));
        here.read(pack, another);
        here.read(pack, another);
        assertThat(here.now.all(Page.class).map(Page::title)).contains("Weaving", "Weaving (2)", "Weaving (3)");
        assertThat(here.look(pack, another).lines().replaced()).isEmpty();
    }

    @Test
    void somePagesOfAPackComeAloneAndItTellsWhatTheyTakeThePlaceOf() {
        there.after(Sites.after(there.now, PageCommand.setTitle("weaving", "Tapestry")));
        Pack whole = there.pack(venue.core.model.site.Site.ID);
        Pack some = whole.only(List.of("weaving"));
        assertThat(some.holds()).isEqualTo(Pack.Holds.PAGE);
        assertThat(some.all(Page.class)).hasSize(1);
        assertThat(some.all(Kind.class)).isNotEmpty();
        assertThat(some.all(venue.core.model.site.Site.class)).isEmpty();
        assertThat(some.items().stream().map(Pack.Packed::item))
                .containsExactlyElementsOf(packed(new Packing(there.now, there, MEMORY).ofPages(List.of("weaving"))));
        Report report = here.look(some, asked(ReadAsked.Differing.MINE, ReadAsked.How.IN_PLACE_OF, "home"));
        assertThat(report.lines().replaced()).singleElement().satisfies(home -> {
            assertThat(home.home()).isTrue();
            assertThat(home.address()).isEqualTo("/");
        });
        List<Report.PackPage> pages =
                Reading.of(whole, here.now, here, MEMORY, ReadAsked.USUAL).pages();
        assertThat(pages).hasSize(3);
        assertThat(pages)
                .filteredOn(p -> p.standing() == Report.Standing.DIFFERING)
                .extracting(Report.PackPage::name)
                .containsExactly("Tapestry");
        assertThat(pages.stream().map(Report.PackPage::id).toList().indexOf("weaving"))
                .isGreaterThan(pages.stream().map(Report.PackPage::id).toList().indexOf("workshops"));
        assertThatThrownBy(() -> whole.only(List.of())).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> whole.only(List.of("nothing"))).isInstanceOf(Refusal.class);
    }

    private static List<Item> packed(Pack pack) {
        return pack.items().stream().map(Pack.Packed::item).toList();
    }

    @Test
    void aCopyIsBehindItsTemplateWhereverItIsCarried() {
        Template worn = there.now
                .all(Template.class)
                .filter(t -> !t.starters().isEmpty()
                        && there.now.require(Kind.class, "standard").mayWear(t.id()))
                .findFirst()
                .orElseThrow();
        there.after(Sites.after(
                there.now,
                NewPages.one("standard", "copied", "Copied").wearing(worn.id()).made()));
        MEMORY.hashOf(worn);
        String starter = worn.starters().get(0).id();
        there.after(
                Sites.after(there.now, ValueCommand.setValue(worn.id(), starter, null, "tone", Value.of("accent"))));
        Pack pack = there.pack("copied");
        assertThat(pack.pasts()).isNotEmpty();
        ReadAsked theirs = asked(ReadAsked.Differing.THEIRS, ReadAsked.How.UNDER, null);
        here.read(pack, theirs);
        Section copy = here.now
                .require(Page.class, "copied")
                .zones()
                .all()
                .filter(s -> s.origin() != null && s.origin().section().equals(starter))
                .findFirst()
                .orElseThrow();
        assertThat(Lineage.of(here.now, copy, MEMORY::find)).isEqualTo(Lineage.BEHIND);
    }

    @Test
    void aCopyWithoutContentHasEveryPageWithWhatItsTemplateBrings() {
        Pack all = there.pack(venue.core.model.site.Site.ID);
        Pack bare = Copied.structure(all, MEMORY::hashOf);
        Edition then = Edition.of(bare.items().stream().map(Pack.Packed::item).toList());
        assertThat(then.all(Page.class)).hasSize(3).allSatisfy(page -> {
            assertThat(then.plan().address(page.id()))
                    .isEqualTo(there.now.plan().address(page.id()));
            assertThat(page.zones().all().map(s -> s.withOrigin(null)))
                    .containsExactlyElementsOf(then.worn(page).template().starters());
            assertThat(page.fields()).isEmpty();
        });
        assertThat(then.menus()).isEqualTo(there.now.menus());
        Pack named = Copied.as(NewSite.of("Dome", "dome.localhost", "de", "Europe/Berlin"), all);
        assertThat(named.asSite("dome.localhost"))
                .filteredOn(venue.core.model.site.Site.class::isInstance)
                .singleElement()
                .extracting(Item::name)
                .isEqualTo("Dome");
        assertThatThrownBy(() -> there.pack("weaving").asSite("x.localhost")).hasMessageContaining("no whole site");
    }

    @Test
    void theLibraryTellsWhatIsNotHereWhatIsAndWhatHasMovedOn() {
        there.after(Sites.after(there.now, TemplateCommand.makeTemplate("ours", "Ours", "plain", null)));
        assertThat(state("ours")).isEqualTo(Shelf.State.NOT_HERE);
        here.read(there.pack("ours"), ReadAsked.together("standard"));
        assertThat(here.now.require(Kind.class, "standard").mayWear("ours")).isTrue();
        assertThat(state("ours")).isEqualTo(Shelf.State.HERE);
        there.after(Sites.after(there.now, TemplateCommand.describeTemplate("ours", "Ours", "Better")));
        assertThat(state("ours")).isEqualTo(Shelf.State.BEHIND);
        here.after(Sites.after(here.now, ValueCommand.setValue("ours", null, null, "band", Value.of("none"))));
        here.read(there.pack("ours"), ReadAsked.together(null));
        assertThat(state("ours")).isEqualTo(Shelf.State.HERE);
        Template merged = here.now.require(Template.class, "ours");
        assertThat(merged.note()).isEqualTo("Better");
        assertThat(merged.band()).isEqualTo("none");
    }

    /** How an item of the other site would stand here, if that one were the library. */
    private Shelf.State state(String item) {
        Pack all = new Packing(there.now, there, MEMORY).all();
        return Shelf.of(all, here.now, here, MEMORY::hashOf).stream()
                .filter(l -> l.id().equals(item))
                .findFirst()
                .orElseThrow()
                .state();
    }

    @Test
    void whatWouldHaveToBeCleanedIsRefused() {
        Page page = Sites.page("bad", null, 9, "Bad", "<p>x</p><script>alert(1)</script>");
        assertThatThrownBy(() -> Sites.after(here.now, WholeCommand.takeInAsTheyAre("a pack", List.of(page))))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("not-clean"));
    }
}
