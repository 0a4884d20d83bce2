package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jspecify.annotations.Nullable;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.kind.Placement;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.core.model.template.Template;

/** What may be made where, over rules said at random; and the pages that try a template hardest. */
class PlacesTest {

    private static final List<String> PAGES = List.of("home", "workshops", "weaving");
    private static final List<String> KINDS = List.of("standard", "landing-page");

    private static <T> List<T> some(Random chance, List<T> of) {
        return of.stream().filter(x -> chance.nextBoolean()).collect(Collectors.toList());
    }

    private static Edition ruled(Random chance) {
        Edition site = Sites.small();
        List<Item> put = new ArrayList<>();
        for (String id : KINDS) {
            Kind kind = site.require(Kind.class, id)
                    .withRetired(chance.nextInt(5) == 0)
                    .with("madeBy", Value.of(chance.nextInt(3) == 0 ? "MANAGER" : "EDITOR"))
                    .with("mayHold", chance.nextInt(3) == 0 ? BeneathRule.listed(some(chance, KINDS)) : null);
            put.add(
                    switch (chance.nextInt(3)) {
                        case 0 -> kind;
                        case 1 -> kind.withPlacement(new Placement(Placement.Where.BENEATH_PAGES, some(chance, PAGES)));
                        default ->
                            kind.withPlacement(new Placement(Placement.Where.BENEATH_KINDS, some(chance, KINDS)));
                    });
        }
        for (String id : PAGES) {
            Value rule = chance.nextInt(3) == 0 ? BeneathRule.listed(some(chance, KINDS)) : null;
            put.add(site.require(Page.class, id).withSetting("mayHold", rule));
        }
        return site.with(put, List.of());
    }

    @Property(tries = 300)
    void rolesDifferInWhatPassesTheRulesAndInNothingElse(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition site = ruled(chance);
        @Nullable String parent = chance.nextInt(4) == 0 ? null : PAGES.get(chance.nextInt(3));
        for (String id : KINDS) {
            Kind kind = site.require(Kind.class, id);
            Places.Answer editor = Places.answer(site, kind, parent, Role.EDITOR);
            Places.Answer manager = Places.answer(site, kind, parent, Role.MANAGER);
            assertThat(editor.may()).isEqualTo(editor.whyNot().isEmpty());
            assertThat(manager.may()).isEqualTo(!kind.retired());
            if (editor.may()) {
                assertThat(manager.whyNot()).isEmpty();
                assertThat(Places.whyNot(site, kind, parent)).isEmpty();
            }
            assertThat(Places.standing(site, kind, parent, Role.EDITOR).whyNot())
                    .isEqualTo(Places.whyNot(site, kind, parent));
            assertThat(Places.standing(site, kind, parent, Role.MANAGER).may()).isTrue();
        }
        assertThat(Places.here(site, parent, Role.EDITOR))
                .noneMatch(a -> a.kind().retired());
    }

    @Example
    void thePageSaysBeforeItsTemplateAndThatBeforeItsKind() {
        Edition site = Sites.small();
        Page page = site.require(Page.class, "workshops");
        assertThat(Beneath.of(site, page)).isEmpty();
        Kind kind = site.require(Kind.class, "standard").with("mayHold", BeneathRule.listed(List.of("standard")));
        Edition byKind = site.with(List.of(kind), List.of());
        assertThat(Beneath.of(byKind, page)).contains(new Beneath(List.of("standard"), kind));
        Template worn = byKind.worn(page).template().with("mayHold", BeneathRule.listed(List.of("landing-page")));
        Edition byTemplate = byKind.with(List.of(worn), List.of());
        assertThat(Beneath.of(byTemplate, page)).contains(new Beneath(List.of("landing-page"), worn));
        Page own = page.withSetting("mayHold", BeneathRule.listed(List.of()));
        assertThat(Beneath.of(byTemplate, own)).contains(new Beneath(List.of(), own));
        assertThat(Places.whyNot(byTemplate, kind, "workshops"))
                .contains("can’t stand here: only Landing page, as " + worn.name() + " says");
        assertThat(Places.whyNot(byTemplate.with(List.of(own), List.of()), kind, "workshops"))
                .contains("can’t stand here: nothing stands beneath this page");
    }

    @Example
    void theTopOfThePlanHasARuleOfItsOwn() {
        Edition site = Sites.small();
        Kind kind = site.require(Kind.class, "standard");
        assertThat(Places.whyNot(site, kind, null)).isEmpty();
        Edition ruled =
                site.with(List.of(site.site().with("mayHold", BeneathRule.listed(List.of("landing-page")))), List.of());
        assertThat(Places.whyNot(ruled, kind, null)).contains("can’t stand at the top of the plan: only Landing page");
        assertThat(Places.whyNot(ruled, kind, "workshops")).isEmpty();
        assertThat(ruled.site().withoutFacts()).isEqualTo(ruled.site());
    }

    @Example
    void theHardPagesOfAKindAreFound() {
        Media picture = Media.picture("pic", "Loom", new Hash("0".repeat(64)), "jpg", 800, 600, List.of(480, 800));
        Page longest = Sites.page("long", null, 9, "Long", "<p>" + "Many words. ".repeat(50) + "</p>")
                .withField("picture", Value.of("pic"));
        Page shortest = Sites.page("short", null, 10, "S", "");
        Edition site = Sites.small().with(List.of(picture, longest, shortest), List.of());
        Map<String, String> found = Extremes.of(site, "standard").stream()
                .collect(Collectors.toMap(Extremes.Extreme::what, e -> e.page().id()));
        assertThat(found).containsEntry("the shortest", "short").containsEntry("the longest", "long");
        assertThat(found.get("middling")).isIn("home", "workshops", "weaving");
        assertThat(found.get("without a picture")).isNotEqualTo("long");
        assertThat(found.keySet()).noneMatch(w -> w.startsWith("with most"));
        assertThat(Extremes.of(site, "landing-page")).isEmpty();
    }
}
