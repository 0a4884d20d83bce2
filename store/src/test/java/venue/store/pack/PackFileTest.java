package venue.store.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
import org.apache.commons.compress.archivers.zip.UnixStat;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.Beginning;
import venue.core.carry.beginning.NewSite;
import venue.core.carry.pack.ReadAsked;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.site.Role;
import venue.core.model.site.Site;
import venue.store.database.Database;
import venue.store.media.MediaFiles;
import venue.store.media.MediaIntake;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

class PackFileTest {

    private static final PersonId WHO = new PersonId("Ines");

    @TempDir
    Path folder;

    private final List<Database> databases = new ArrayList<>();
    private Installation one;
    private Workspace yard;

    /** A data folder with a site. */
    private record Installation(Workspaces sites, MediaFiles files) {}

    private Installation installation(String name) {
        Database database = Database.open(folder.resolve(name));
        databases.add(database);
        return new Installation(
                new Workspaces(database, InstantSource.system(), new Random(name.hashCode())),
                new MediaFiles(folder.resolve(name).resolve("media")));
    }

    @BeforeEach
    void begin() throws IOException {
        one = installation("one");
        NewSite asked = NewSite.of("Loomgate Yard", "yard.localhost", "en", "Europe/London");
        yard = one.sites().begin(new SiteId("yard"), WHO, Beginning.SMALL.items(asked));
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB), "jpg", picture);
        MediaIntake intake = new MediaIntake(one.files());
        Media loom = intake.take("loom", "Loom", picture.toByteArray());
        String drawn = "<svg width=\"10\" height=\"10\"><rect width=\"4\" height=\"4\"/></svg>";
        Media mark = intake.take("mark", "mark.svg", drawn.getBytes(StandardCharsets.UTF_8));
        Media list = intake.take("list", "list.txt", "Wool, 3 kg".getBytes(StandardCharsets.UTF_8));
        yard.run(
                venue.store.workspace.AskedRequest.of(WHO, WholeCommand.takeIn("pictures", List.of(loom, mark, list))));
        yard.run(venue.store.workspace.AskedRequest.of(
                WHO, ValueCommand.setValue("home", null, null, "shareImage", Value.of("loom"))));
    }

    @AfterEach
    void close() {
        databases.forEach(Database::close);
    }

    private Path saved(Installation from, Workspace site, String item) {
        Path file = folder.resolve(item + databases.size() + ".venuepack");
        try (OutputStream out = Files.newOutputStream(file)) {
            PackWriter.write(site.packs().save(item, true), from.files(), out);
            return file;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void aSiteReadElsewhereAndSavedAgainHasTheSameBytes() throws IOException {
        for (int seed = 0; seed < 6; seed++) {
            mischief(new Random(seed));
            Path first = saved(one, yard, Site.ID);
            Installation two = installation("two" + seed);
            try (PackFile pack = PackFile.open(first)) {
                pack.check(done -> {});
                pack.unpack(pack.pack(), two.files(), done -> {});
                Workspace again =
                        two.sites().begin(new SiteId("again"), WHO, pack.pack(), "again.localhost", made -> {});
                assertThat(saved(two, again, Site.ID)).hasSameBinaryContentAs(first);
                assertThat(again.packs().look(pack.pack(), ReadAsked.USUAL).steps())
                        .isZero();
            }
        }
    }

    /** Some work on the site; what is refused changes nothing. */
    private void mischief(Random chance) {
        for (int i = 0; i < 15; i++) {
            List<String> pages = yard.now().working().plan().inOrder().toList();
            String page = pages.get(chance.nextInt(pages.size()));
            List<Pattern> patterns = yard.now().working().patterns().toList();
            Pattern pattern = patterns.get(chance.nextInt(patterns.size()));
            try {
                yard.run(venue.store.workspace.AskedRequest.of(
                        WHO,
                        switch (chance.nextInt(5)) {
                            case 0 -> PageCommand.setTitle(page, "Läden " + chance.nextInt(9));
                            case 1 -> PageCommand.removePage(page);
                            case 2 -> SectionCommand.takePattern(page, pattern.id());
                            case 3 -> {
                                Section first = pattern.sections().get(0);
                                yield ValueCommand.setValue(pattern.id(), first.id(), null, "tone", Value.of("deep"));
                            }
                            default -> PageCommand.movePage(page, pages.get(chance.nextInt(pages.size())), null);
                        }));
            } catch (Refusal refused) {
                // part of any day's work
            }
        }
    }

    @Test
    void whatWasReadIsUndoneInOneStep() {
        Installation two = installation("two");
        Workspace other = two.sites()
                .begin(
                        new SiteId("other"),
                        WHO,
                        Beginning.EMPTY.items(NewSite.of("Other", "other.localhost", "en", "Europe/London")));
        Set<Item> before = Set.copyOf(other.now().working().items());
        try (PackFile pack = PackFile.open(saved(one, yard, "home"))) {
            ReadAsked inPlace = new ReadAsked(
                    ReadAsked.Differing.MINE, Map.of(), ReadAsked.How.IN_PLACE_OF, "home", false, false, null);
            assertThat(pack.lacking(pack.pack(), two.files())).containsExactly();
            pack.unpack(pack.pack(), two.files(), done -> {});
            other.packs().read(WHO, Role.MANAGER, pack.pack(), inPlace);
            assertThat(other.now().working().require(Page.class, "home").title())
                    .isEqualTo(yard.now().working().require(Page.class, "home").title());
            other.undo(WHO, Role.MANAGER);
            assertThat(Set.copyOf(other.now().working().items())).isEqualTo(before);
        }
    }

    @Test
    void hostilePacksAreRefusedByName() throws IOException {
        refused("belongs into none", e -> e.put("../evil.json", words("x")));
        refused("belongs into none", e -> e.put("/etc/passwd", words("x")));
        refused("tells of", e -> e.put("items/extra.json", words("{}")));
        refused("not what it was", e -> e.put("items/home.json", words("{}")));
        refused("is missing", e -> e.remove("items/home.json"));
        refused("no pack.json", e -> e.remove("pack.json"));
        refused("version 9", e -> e.put("pack.json", words("{\"format\":\"venue-pack\",\"version\":9,\"more\":1}")));
        refused("no pack's", e -> e.put("pack.json", words("{\"format\":\"other\",\"version\":1}")));
        refused("docs/formats/pack.md", e -> e.put("pack.json", words("[".repeat(2000))));
        refused("MB", e -> e.put("items/home.json", new byte[Zip.MOST_WORDS + 1]));
    }

    @Test
    void scriptsDeepJsonAndMissingPartsAreRefusedByName() throws IOException {
        refusedItem("cleaned", home -> home.replace("<p>This is", "<script>alert(1)</script><p>This is"));
        refusedItem("no page", home -> "{\"x\":" + "[".repeat(3000));
        refusedItem("missing", home -> "{\"id\":\"home\"}");
        refusedItem("no page", home -> home.replaceFirst("\"title\":", "\"colour\":\"red\",\"title\":"));
    }

    /** As programs write it that zip folders. */
    @Test
    void aPackThatWasUnzippedAndZippedAgainIsTaken() throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        List.of("items/", "files/", "pasts/").forEach(folder -> entries.put(folder, new byte[0]));
        entries.putAll(entries(saved(one, yard, Site.ID)));
        try (PackFile pack = PackFile.open(written(entries))) {
            pack.check(done -> {});
        }
        refused("belongs into none", e -> e.put("elsewhere/", new byte[0]));
    }

    @Test
    void linksTwinsAndACrowdAreRefusedByName() throws IOException {
        Path file = folder.resolve("odd.venuepack");
        try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(file)) {
            ZipArchiveEntry link = new ZipArchiveEntry("items/home.json");
            link.setUnixMode(UnixStat.LINK_FLAG | 0777);
            put(zip, link, words("/etc/passwd"));
        }
        assertThatThrownBy(() -> PackFile.open(file)).hasMessageContaining("is no file");
        try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(file)) {
            put(zip, new ZipArchiveEntry("pack.json"), words("{}"));
            put(zip, new ZipArchiveEntry("pack.json"), words("{}"));
        }
        assertThatThrownBy(() -> PackFile.open(file)).hasMessageContaining("two of its entries");
        try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(file)) {
            for (int i = 0; i < 100_000; i++) {
                put(zip, new ZipArchiveEntry("items/" + i + ".json"), new byte[0]);
            }
        }
        assertThatThrownBy(() -> PackFile.open(file)).hasMessageContaining("entries");
        Files.writeString(file, "no zip at all");
        assertThatThrownBy(() -> PackFile.open(file)).hasMessageContaining("no zip");
    }

    @Test
    void aBombThatLiesAboutItsSizeEndsWithTheFirstByteTooMany() throws IOException {
        int size = 48 * 1024 * 1024;
        Path file = written(Map.of("pack.json", new byte[size]));
        String bytes = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
        assertThat(bytes.length()).isLessThan(size / 100);
        Files.write(file, bytes.replace(little(size), little(1000)).getBytes(StandardCharsets.ISO_8859_1));
        assertThatThrownBy(() -> PackFile.open(file)).hasMessageContaining("more or fewer bytes than it says");
    }

    /** A number as a ZIP file writes it. */
    private static String little(int number) {
        byte[] bytes = ByteBuffer.allocate(Integer.BYTES)
                .order(ByteOrder.LITTLE_ENDIAN)
                .putInt(number)
                .array();
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }

    /** What docs/formats/pack.schema.json says holds of a whole site, a page and a template. */
    @Test
    void packsAreAsTheirSchemaSays() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/formats/pack.schema.json")));
        for (String root : List.of(Site.ID, "home", "wide")) {
            String json = new String(entries(saved(one, yard, root)).get("pack.json"), StandardCharsets.UTF_8);
            assertThat(schema.validate(json, InputFormat.JSON)).as(root).isEmpty();
            assertThat(schema.validate(json.replace("\"venue-pack\"", "\"another\""), InputFormat.JSON))
                    .as("it can fail")
                    .isNotEmpty();
        }
    }

    @Test
    void filesAreLookedAtAsOnUpload() throws IOException {
        byte[] photo =
                one.files().find(media("loom").path().replace("/-/media/", "")).orElseThrow();
        refusedFile("loom", "take away", placed(photo));
        refusedFile("loom", "another picture", words("GIF89a"));
        refusedFile("mark", "take away", words("<svg onload=\"alert(1)\" xmlns=\"http://www.w3.org/2000/svg\"/>"));
        refusedFile("list", "another file", words("Wool, 4 kg"));
    }

    private Media media(String id) {
        return yard.now().working().require(Media.class, id);
    }

    /** A photograph that tells where it was taken. */
    private static byte[] placed(byte[] photo) {
        byte[] where = "\u00ff\u00e1\u0000\u0012Exif latitude 54".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(photo, 0, 2);
        out.writeBytes(where);
        out.write(photo, 2, photo.length - 2);
        return out.toByteArray();
    }

    private static byte[] words(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }

    private static void put(ZipArchiveOutputStream zip, ZipArchiveEntry entry, byte[] bytes) throws IOException {
        zip.putArchiveEntry(entry);
        zip.write(bytes);
        zip.closeArchiveEntry();
    }

    private Map<String, byte[]> entries(Path pack) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (Zip zip = Zip.open(pack)) {
            for (String name : zip.names()) {
                entries.put(name, zip.read(name));
            }
        }
        return entries;
    }

    private Path written(Map<String, byte[]> entries) throws IOException {
        Path file = folder.resolve("hostile.venuepack");
        try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(file)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                put(zip, new ZipArchiveEntry(entry.getKey()), entry.getValue());
            }
        }
        return file;
    }

    private void refused(String why, Consumer<Map<String, byte[]>> change) throws IOException {
        Map<String, byte[]> entries = entries(saved(one, yard, Site.ID));
        change.accept(entries);
        Path hostile = written(entries);
        assertThatThrownBy(() -> PackFile.open(hostile))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(why);
    }

    /** A pack whose home page is another, and whose pack.json knows it. */
    private void refusedItem(String why, java.util.function.UnaryOperator<String> change) throws IOException {
        Map<String, byte[]> entries = entries(saved(one, yard, "home"));
        byte[] before = entries.get("items/home.json");
        byte[] after = words(change.apply(new String(before, StandardCharsets.UTF_8)));
        replace(entries, "items/home.json", "items/home.json", before, after);
        Path hostile = written(entries);
        Set<Item> then = Set.copyOf(yard.now().working().items());
        assertThatThrownBy(() -> {
                    try (PackFile pack = PackFile.open(hostile)) {
                        yard.packs()
                                .read(
                                        WHO,
                                        Role.MANAGER,
                                        pack.pack(),
                                        new ReadAsked(
                                                ReadAsked.Differing.THEIRS,
                                                Map.of(),
                                                ReadAsked.How.UNDER,
                                                null,
                                                false,
                                                false,
                                                null));
                    }
                })
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(why);
        assertThat(Set.copyOf(yard.now().working().items())).isEqualTo(then);
    }

    private void refusedFile(String id, String why, byte[] after) throws IOException {
        Map<String, byte[]> entries = entries(saved(one, yard, Site.ID));
        byte[] before =
                one.files().find(media(id).path().replace("/-/media/", "")).orElseThrow();
        replace(entries, "files/" + Hash.over(before), "files/" + Hash.over(after), before, after);
        try (PackFile pack = PackFile.open(written(entries))) {
            assertThatThrownBy(() -> pack.check(done -> {}))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining(why)
                    .hasMessageContaining(media(id).name());
        }
    }

    private static void replace(Map<String, byte[]> entries, String from, String to, byte[] before, byte[] after) {
        entries.remove(from);
        entries.put(to, after);
        String manifest = new String(entries.get("pack.json"), StandardCharsets.UTF_8)
                .replace(Hash.over(before), Hash.over(after))
                .replace("\"bytes\":" + before.length, "\"bytes\":" + after.length);
        entries.put("pack.json", words(manifest));
    }
}
