package venue.demo;

import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Group;
import venue.core.model.section.Section;

/** The members' room, with a page for each group and one that is open; and the page of which only the trustees learn. */
final class MemberPages {

    private MemberPages() {}

    static List<Group> groups() {
        return List.of(
                new Group("crew", "Crew", "Who runs the open nights"),
                new Group("friends", "Friends", "Who pays a little every year"),
                new Group("trustees", "Trustees", "Who answers for the trust"));
    }

    static List<PageDraft> all() {
        return Stream.concat(Stream.of(room()), beneath().stream()).toList();
    }

    private static PageDraft room() {
        return page("members-room", "Members’ room", "For those who keep the observatory going.")
                .called("members")
                .behind(new Gate(Audience.MEMBERS, false))
                .section(section("s2", "Greeting", part("greeting")))
                .section(section(
                        "s3",
                        "Text",
                        text("<p>What is new in the room stands here first. The <a href=\"page:rota\">night"
                                + " rota</a> is for the crew; <a href=\"page:borrow\">telescopes to"
                                + " borrow</a> are for everybody.</p>")))
                .section(section(
                                "s4", "For the crew", text("<p>Crew: the barn key is back in the box by the gate.</p>"))
                        .with("shownTo", Value.of("groups"))
                        .with("shownToGroups", new Value.Many(List.of(Map.of("group", Value.of("crew"))))));
    }

    private static List<PageDraft> beneath() {
        return List.of(
                page("rota", "Night rota", "Who opens the dome on which Friday.")
                        .called("rota")
                        .beneath("members-room")
                        .behind(new Gate(Audience.of(Set.of("crew", "trustees")), false))
                        .section(words("<p>First Friday: Siân and Noor. Second Friday: Idris and Tomás. Whoever can’t,"
                                + " swaps by Wednesday.</p>")),
                page("minutes", "Minutes", "What was agreed at the members’ meetings.")
                        .beneath("members-room")
                        .section(words("<p>Agreed in March: the barn roof is mended before the autumn, from the adopted"
                                + " mirrors.</p>")),
                page("borrow", "Borrow a telescope", "Three small telescopes go home with members.")
                        .called("borrow")
                        .beneath("members-room")
                        .section(words("<p>Two weeks at a time, back by the next open night. Ask the crew for the case"
                                + " with the red strap.</p>")),
                page("friends-letter", "Letter to friends", "What your yearly gift has done.")
                        .beneath("members-room")
                        .behind(new Gate(Audience.of(Set.of("friends")), false))
                        .section(words("<p>Your gifts of last year paid for the new eyepieces of the six-inch.</p>")),
                page("spring-lecture", "Spring lecture", "An evening in the barn, open to everyone.")
                        .beneath("members-room")
                        .behind(Gate.OPEN)
                        .section(words("<p>Kestrels and comets: what else crosses the moor at dusk. No booking, no"
                                + " charge.</p>")),
                page("trustees-table", "Trustees", "Papers of the trust.")
                        .behind(new Gate(Audience.of(Set.of("trustees")), true))
                        .section(words("<p>The next meeting is about the lease of the upper field.</p>")),
                page("trustees-papers", "Papers of the year", "Accounts and the lease.")
                        .beneath("trustees-table")
                        .section(words("<p>The accounts of the year, before they are signed.</p>")));
    }

    private static PageDraft page(String id, String title, String summary) {
        return new PageDraft(id, "standard", title).wearing("plain").shown(summary, null);
    }

    private static Section words(String html) {
        return section("s1", "Text", text(html));
    }
}
