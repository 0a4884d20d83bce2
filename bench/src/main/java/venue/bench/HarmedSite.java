package venue.bench;

import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.live.release.ReleaseEntry;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;
import venue.store.database.Database;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The demo with a hundred pages of nine hundred words that nobody else says, twelve large files, and people who may sign in. */
final class HarmedSite {

    static final int FILES = 12;
    static final int FILE_BYTES = 23 * 1024 * 1024;
    static final int PEOPLE = 51;

    private static final int PAGES = 100;
    private static final int WORDS_EACH = 900;
    private static final Random CHANCE = new Random(33);

    private HarmedSite() {}

    static String word() {
        return CHANCE.ints(5 + CHANCE.nextInt(7), 'a', 'z' + 1)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    static void prepare(Path data) throws IOException {
        try (Database database = Database.open(data)) {
            Workspace moor =
                    new Workspaces(database, InstantSource.system(), CHANCE).require(new SiteId("kestrel-moor"));
            List<Item> pages =
                    IntStream.range(0, PAGES).<Item>mapToObj(HarmedSite::page).toList();
            moor.run(AskedRequest.of(new PersonId("maja"), WholeCommand.takeIn("many words", pages)));
            moor.releasing()
                    .release(
                            new PersonId("maja"),
                            "Many words",
                            moor.now().plan().entries().stream()
                                    .map(ReleaseEntry::item)
                                    .toList());
            DemoServer.invite(database, PEOPLE, false);
        }
        byte[] bytes = new byte[FILE_BYTES];
        CHANCE.nextBytes(bytes);
        for (int i = 0; i < FILES; i++) {
            Files.write(data.resolve("media").resolve(file(i)), bytes);
        }
    }

    private static Page page(int i) {
        String words = IntStream.range(0, WORDS_EACH).mapToObj(n -> word()).collect(Collectors.joining(" "));
        Zones zones = new Zones(Map.of("main", List.of(section("w" + i, "Words", text("<p>" + words + "</p>")))));
        return Page.of("words-" + i, "Words " + i, "words-" + i, "standard")
                .withPlace(null, (long) i << 20)
                .withZones(zones);
    }

    static String file(int i) {
        return "%020x.pdf".formatted(i + 1);
    }
}
