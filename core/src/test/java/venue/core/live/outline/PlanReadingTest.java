package venue.core.live.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.change.edit.Command;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.outline.PlanReading.Does;
import venue.core.live.outline.PlanReading.PlanRowRead;
import venue.core.live.outline.PlanReading.Read;
import venue.core.live.release.Foreseen;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;

/** The plan as a table: out and in again nothing changes, and what a table says is what comes of it. */
class PlanReadingTest {

    private static Read read(Edition site, String table) {
        return PlanReading.of(Sites.desk(site), PlanTable.read(table));
    }

    private static Edition taken(Edition site, Read read) {
        return read.commands().isEmpty() ? site : Sites.after(site, WholeCommand.together("x", read.commands()));
    }

    @Property(tries = 60)
    void outAndInChangesNothingAndMakesTheSamePlanElsewhere(@ForAll long seed) {
        Edition site = new Mischief(seed).upon(Sites.small(), 25);
        String csv = PlanTable.csv(site, Sites.small());
        Read again = read(site, csv);
        assertThat(again.rows()).extracting(PlanRowRead::does).containsOnly(Does.NOTHING);
        assertThat(again.commands()).isEmpty();
    }

    /** Many at once come to what they come to one after another, and what is foreseen of them is what a release does. */
    @Property(tries = 60)
    void manyAtOnceAreAsOneAfterAnotherAndAsForeseen(@ForAll long seed) {
        Edition site = new Mischief(seed).upon(Sites.small(), 10);
        Mischief mischief = new Mischief(seed + 1);
        Edition one = site;
        List<Command> commands = new java.util.ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Command command = mischief.command(one);
            // A title gives drafts another address, and here some are drafts and some are not.
            if (!(command instanceof PageCommand) || command.toString().startsWith("SetTitle")) {
                continue;
            }
            try {
                one = Sites.after(one, command);
                commands.add(command);
            } catch (venue.core.basics.fault.Refusal refused) {
                // it is not given
            }
        }
        if (commands.isEmpty()) {
            return;
        }
        Edition together = Sites.after(site, WholeCommand.together("x", commands));
        Edition after = one;
        assertThat(together.plan().inOrder().map(after.plan()::address).sorted())
                .containsExactlyElementsOf(together.plan()
                        .inOrder()
                        .map(together.plan()::address)
                        .sorted()
                        .toList());
        Foreseen foreseen = Foreseen.of(Sites.desk(site, site), commands);
        assertThat(foreseen.refused()).isEmpty();
        List<String> all = ReleasePlan.of(site, together).entries().stream()
                .map(ReleaseEntry::item)
                .toList();
        long made = all.isEmpty()
                ? 0
                : ReleasePlan.of(site, together).prepare(all).redirects().stream()
                        .filter(r -> together.redirectFrom(r.from()).isEmpty())
                        .filter(r -> site.redirectFrom(r.from()).isEmpty())
                        .count();
        assertThat((long) foreseen.leading().on() + foreseen.leading().gone()).isGreaterThanOrEqualTo(made);
    }

    @Test
    void eachRowIsNewChangedMovedOrRefusedWithItsReason() {
        String table = """
                Title;Address;Kind;Parent;Menus;State;Search title
                Courses;/courses;standard;;Main;live;All our courses
                Spinning;/courses/spinning;;/courses;;taken off;
                Weaving by hand;/workshops/weaving;;;;;
                ;/workshops;;/courses;;;
                Nowhere;/no/where;;;;;
                Odd;/odd;pumpkin;;;;
                ;/workshops/weaving;;;;;
                """;
        Edition site = Sites.small();
        Read read = read(
                site,
                table.replace(
                        "standard",
                        site.require(venue.core.model.kind.Kind.class, "standard")
                                .name()));
        assertThat(read.rows())
                .extracting(PlanRowRead::does)
                .containsExactly(
                        Does.NEW, Does.NEW, Does.CHANGED, Does.MOVED, Does.REFUSED, Does.REFUSED, Does.REFUSED);
        assertThat(read.rows()).extracting(PlanRowRead::number).containsExactly(1, 2, 3, 4, 5, 6, 7);
        Edition after = taken(site, read);
        Page spinning = after.page(after.plan().pageAt("/courses/spinning").orElseThrow())
                .orElseThrow();
        assertThat(spinning.withdrawn()).isTrue();
        assertThat(after.require(Page.class, "weaving").title()).isEqualTo("Weaving by hand");
        assertThat(new HashSet<>(after.items())).isNotEqualTo(new HashSet<>(site.items()));
    }

    @Test
    void aBranchGetsNewAddressesWithTheWholeFileOrWithItsOwnRowAlone() {
        Edition site = Sites.small();
        String csv = PlanTable.csv(site, site);
        Edition whole = taken(site, read(site, csv.replace("/workshops", "/learn")));
        assertThat(whole.plan().address("weaving")).isEqualTo("/learn/weaving");
        Edition alone = taken(
                site,
                read(
                        site,
                        csv.replace("/workshops,", "/learn,")
                                .replace(",/learn,", ",/workshops,")
                                .replace("workshops,/workshops", "workshops,/learn")));
        assertThat(alone.plan().address("weaving")).isEqualTo("/learn/weaving");
    }

    @Test
    void anIndentedListMakesABranchWithKinds() {
        Edition site = Sites.small();
        String list = "Courses\n  - Spinning [standard] | By hand\n  Dyeing\n\tIndigo\nCourses\n";
        Read read = PlanReading.of(Sites.desk(site), Outline.read(site, list, null, null));
        assertThat(read.rows()).extracting(PlanRowRead::does).containsOnly(Does.NEW);
        Edition after = taken(site, read);
        assertThat(read.rows())
                .extracting(PlanRowRead::address)
                .containsExactly(
                        "/courses", "/courses/spinning", "/courses/dyeing", "/courses/dyeing/indigo", "/courses-2");
        assertThat(after.plan().pageAt("/courses/dyeing/indigo")).isPresent();
    }
}
