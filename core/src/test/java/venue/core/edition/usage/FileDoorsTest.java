package venue.core.edition.usage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Visitor;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/** Who may have a file: whoever may see one of the places where it shows. */
class FileDoorsTest {

    private static final Visitor CREW = Visitor.member(Set.of("crew"));
    private static final Visitor FRIEND = Visitor.member(Set.of("friends"));
    private static final Gate FOR_CREW = new Gate(Audience.of(Set.of("crew")), false);

    private static Media guide(String id, int n) {
        return Media.file(id, id, new Hash(String.format("%02x", n).repeat(32)), "pdf", 4_000);
    }

    private static Section behind(String id, String picture) {
        return Compose.section(id, "S", Compose.text("<p>Words</p>"))
                .with("back", Value.of("picture"))
                .with("picture", Value.of(picture));
    }

    private static Edition grouped(Media... media) {
        Edition site = Sites.after(Sites.small(), GateCommand.makeGroup("crew", "Crew", ""));
        return Sites.after(site, GateCommand.makeGroup("friends", "Friends", ""))
                .with(List.of(media), List.of());
    }

    private static Edition holding(Edition site, String page, Section... sections) {
        return site.with(
                List.of(site.require(Page.class, page).withZones(new Zones(Map.of("main", List.of(sections))))),
                List.of());
    }

    private static String path(Media media) {
        return media.paths().findFirst().orElseThrow();
    }

    @Test
    void aFileIsOpenWhereOneOfItsPlacesIs() {
        Media file = guide("keys", 1);
        Edition closed = Sites.after(
                holding(grouped(file), "weaving", behind("s1", "keys")),
                GateCommand.setGate(List.of("workshops"), FOR_CREW));
        FileDoors doors = FileDoors.of(closed);
        assertThat(doors.isClosed(path(file))).isTrue();
        assertThat(Stream.of(Visitor.STRANGER, FRIEND, CREW, Visitor.US).map(v -> doors.mayHave(path(file), v)))
                .containsExactly(false, false, true, true);
        assertThat(doors.mayHave("nowhere.pdf", Visitor.US)).isFalse();

        Edition shown = Sites.after(closed, ValueCommand.setValue("home", null, null, "picture", Value.of("keys")));
        assertThat(FileDoors.of(shown).isClosed(path(file))).isFalse();
        Edition unclosed = Sites.after(closed, GateCommand.setGate(List.of("weaving"), Gate.OPEN));
        assertThat(FileDoors.of(unclosed).mayHave(path(file), Visitor.STRANGER)).isTrue();
        Edition everywhere = Sites.after(closed, ValueCommand.setValue("site", null, null, "logo", Value.of("keys")));
        assertThat(FileDoors.isAround(everywhere, path(file))).isTrue();
        assertThat(FileDoors.of(everywhere).isClosed(path(file))).isFalse();
    }

    @Test
    void aSectionClosesWhatStandsInItAlone() {
        Media keys = guide("keys", 1);
        Media map = guide("map", 2);
        Section forCrew = behind("s1", "keys").with("shownTo", Value.of("groups"));
        Section crew = forCrew.with("shownToGroups", new Value.Many(List.of(Map.of("group", Value.of("crew")))));
        Edition site = holding(grouped(keys, map), "weaving", crew, behind("s2", "map"));
        FileDoors doors = FileDoors.of(site);
        assertThat(doors.isClosed(path(keys))).isTrue();
        assertThat(doors.mayHave(path(keys), CREW)).isTrue();
        assertThat(doors.mayHave(path(keys), FRIEND)).isFalse();
        assertThat(doors.isClosed(path(map))).isFalse();
        assertThat(GroupUse.sections(site.require(Page.class, "weaving"))).containsExactly("crew");
        assertThat(GateWords.of(site, Audience.of(Set.of("crew", "friends")))).isEqualTo("Crew and Friends");
        assertThat(GateWords.of(site, Audience.of(Set.of("gone")))).isEqualTo("nobody");
    }

    /** The law: a visitor may have a file just where a page that they may open holds it. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void filesFollowThePagesThatHoldThem(long seed) {
        Random chance = new Random(seed);
        List<Media> media = List.of(guide("f0", 10), guide("f1", 11), guide("f2", 12));
        List<String> pages = List.of("home", "workshops", "weaving");
        Map<String, List<String>> held = new TreeMap<>();
        Edition site = grouped(media.toArray(Media[]::new));
        for (String page : pages) {
            List<Section> sections = new ArrayList<>();
            for (Media file : media) {
                if (chance.nextInt(3) == 0) {
                    sections.add(behind(page + file.id(), file.id()));
                    held.computeIfAbsent(file.id(), f -> new ArrayList<>()).add(page);
                }
            }
            site = holding(site, page, sections.toArray(Section[]::new));
        }
        List<Gate> gates = List.of(Gate.OPEN, FOR_CREW, new Gate(Audience.MEMBERS, true), new Gate(Audience.US, true));
        for (String page : pages.subList(1, 3)) {
            site = Sites.after(site, GateCommand.setGate(List.of(page), gates.get(chance.nextInt(gates.size()))));
        }
        for (Media file : media) {
            for (Visitor visitor : List.of(Visitor.STRANGER, CREW, FRIEND, Visitor.US)) {
                boolean may = false;
                for (String page : held.getOrDefault(file.id(), List.of())) {
                    may |= Gates.of(site).opens(site.require(Page.class, page), visitor);
                }
                assertThat(FileDoors.of(site).mayHave(path(file), visitor))
                        .as(file.id() + " for " + visitor)
                        .isEqualTo(may);
            }
        }
    }
}
