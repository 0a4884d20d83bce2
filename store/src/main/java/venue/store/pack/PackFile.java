package venue.store.pack;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.JacksonException;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.carry.pack.Pack;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.json.ItemJson;
import venue.core.model.media.Media;
import venue.store.media.MediaFiles;
import venue.store.media.PackedFiles;

/** A pack that lies on the disk, as anybody may have made it: what is given out has been held to what it says of itself. */
public final class PackFile implements AutoCloseable {

    private final Zip zip;
    private final Manifest manifest;
    private final Pack pack;
    private final Map<String, Media> shownIn = new HashMap<>();

    private PackFile(Zip zip) throws IOException {
        this.zip = zip;
        manifest = manifest(zip);
        requireKnown(manifest);
        pack = new Pack(manifest.holds(), manifest.root(), items(), manifest.outside(), pasts());
        pack.media().forEach(m -> PackWriter.names(m).forEach(name -> shownIn.put(name, m)));
        requireAccounted();
    }

    /** Opens a pack and reads all but its files; refused where it is none, or not sound. */
    public static PackFile open(Path path) {
        Zip zip = Zip.open(path);
        try {
            return new PackFile(zip);
        } catch (IOException e) {
            zip.close();
            throw Zip.noPack("it is damaged");
        } catch (RuntimeException e) {
            zip.close();
            throw e;
        }
    }

    public Pack pack() {
        return pack;
    }

    private static Manifest manifest(Zip zip) throws IOException {
        if (!zip.has(Manifest.ENTRY)) {
            throw Zip.noPack("it has no pack.json");
        }
        String json = new String(zip.read(Manifest.ENTRY), StandardCharsets.UTF_8);
        try {
            Head head = ItemJson.glance(Head.class, json);
            if (!Manifest.FORMAT.equals(head.format())) {
                throw Zip.noPack("its pack.json is no pack's");
            }
            if (head.version() > Manifest.VERSION || head.shape() > ItemJson.SHAPE) {
                throw newer(head);
            }
            return Whole.check(ItemJson.read(Manifest.class, json), Manifest.ENTRY);
        } catch (JacksonException e) {
            throw Zip.noPack("its pack.json is not as docs/formats/pack.md describes it");
        }
    }

    /** What every version of the format says. */
    record Head(String format, int version, int shape) {}

    private static Refusal newer(Head head) {
        return Refusal.badInput(
                "newer-pack",
                "file",
                "This pack is of version " + head.version() + "." + head.shape() + "; this Venue reads up to "
                        + Manifest.VERSION + "." + ItemJson.SHAPE + ".",
                "Bring Venue up to date here, or save the pack with the older one.");
    }

    private static void requireKnown(Manifest manifest) {
        Set<String> ids = new HashSet<>();
        Set<String> identities = new HashSet<>();
        for (Manifest.Entry entry : manifest.items()) {
            if (!entry.identity().matches("[0-9a-f]{16}")) {
                throw Zip.noPack("“" + Zip.shown(entry.id()) + "” has no identity");
            }
            if (!ids.add(entry.id()) || !identities.add(entry.identity())) {
                throw Zip.noPack("“" + Zip.shown(entry.id()) + "” stands in it twice");
            }
        }
        if (!ids.contains(manifest.root())) {
            throw Zip.noPack("what it was saved for is not in it");
        }
    }

    private List<Pack.Packed> items() throws IOException {
        List<Pack.Packed> items = new ArrayList<>();
        for (Manifest.Entry entry : manifest.items()) {
            Item item = item(entry.path(), entry.sort(), entry.sha256());
            if (!item.id().equals(entry.id())) {
                throw Zip.noPack("“" + Zip.shown(entry.path()) + "” is another item than it says");
            }
            items.add(new Pack.Packed(item, entry.identity()));
        }
        return items;
    }

    private Map<Hash, Item> pasts() throws IOException {
        Map<Hash, Item> pasts = new HashMap<>();
        for (Manifest.Past past : manifest.pasts()) {
            pasts.put(past.hash(), item(past.path(), past.sort(), past.sha256()));
        }
        return pasts;
    }

    private Item item(String path, ItemSort sort, Hash sha256) throws IOException {
        byte[] bytes = zip.read(path);
        if (!Hash.over(bytes).equals(sha256)) {
            throw Zip.noPack("“" + Zip.shown(path) + "” is not what it was when it was saved");
        }
        try {
            return Whole.check(
                    ItemJson.read(sort, manifest.header().shape(), new String(bytes, StandardCharsets.UTF_8)), path);
        } catch (JacksonException e) {
            if (e.getCause() instanceof Refusal refusal) {
                throw refusal;
            }
            throw Zip.noPack("“" + Zip.shown(path) + "” is no " + sort.noun());
        }
    }

    /** Nothing lies in it that is not told of. */
    private void requireAccounted() {
        Set<String> told = manifest.files().stream().map(Manifest.Stored::path).collect(Collectors.toSet());
        int expected = 1 + manifest.items().size() + manifest.pasts().size() + told.size();
        if (zip.names().size() != expected || !told.stream().allMatch(zip::has)) {
            throw Zip.noPack("it holds other entries than its pack.json tells of");
        }
        for (Manifest.Stored file : manifest.files()) {
            if (!shownIn.containsKey(file.name())) {
                throw Zip.noPack("its file “" + Zip.shown(file.name()) + "” belongs to nothing in it");
            }
        }
    }

    /** Names of what is shown in some of it, and whose files are neither in it nor here. */
    public List<String> lacking(Pack of, MediaFiles here) {
        Set<Media> shown = Set.copyOf(of.media());
        Set<String> brought =
                manifest.files().stream().map(Manifest.Stored::name).collect(Collectors.toSet());
        return shownIn.entrySet().stream()
                .filter(e -> shown.contains(e.getValue()))
                .filter(e ->
                        !brought.contains(e.getKey()) && here.locate(e.getKey()).isEmpty())
                .map(e -> e.getValue().name())
                .distinct()
                .sorted()
                .toList();
    }

    /** What a file is called by the path that it is served under. */
    public static String nameOf(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    public int files() {
        return manifest.files().size();
    }

    /** How many files some of it needs. */
    public int files(Pack of) {
        return (int) filesOf(of).count();
    }

    /** How many bytes those have together. */
    public long bytes(Pack of) {
        return filesOf(of).mapToLong(Manifest.Stored::bytes).sum();
    }

    private Stream<Manifest.Stored> filesOf(Pack of) {
        Set<String> needed = of.media().stream().flatMap(PackWriter::names).collect(Collectors.toSet());
        return manifest.files().stream().filter(f -> needed.contains(f.name()));
    }

    /** One of its files, where it is in it and no larger than that many bytes. */
    public Optional<byte[]> file(String name, long most) throws IOException {
        Manifest.Stored stored = manifest.files().stream()
                .filter(f -> f.name().equals(name) && f.bytes() <= most)
                .findFirst()
                .orElse(null);
        if (stored == null) {
            return Optional.empty();
        }
        try (InputStream in = zip.stream(stored.path())) {
            return Optional.of(in.readNBytes((int) most));
        }
    }

    /**
     * Looks at its files as on upload, one by one; refused where one is not what it says, or would have to be cleaned.
     *
     * @param told how many have been looked at
     */
    public void check(IntConsumer told) {
        each(
                manifest.files(),
                told,
                (file, in) -> PackedFiles.check(shown(file), file.name(), in, file.sha256(), file.bytes()));
    }

    /** Keeps those of its files that some of it needs and that are not here yet, byte for byte; what is here stays. */
    public void unpack(Pack of, MediaFiles here, IntConsumer told) {
        each(filesOf(of).toList(), told, (file, in) -> {
            if (here.locate(file.name()).isEmpty()) {
                PackedFiles.keep(here, file.name(), in);
            }
        });
    }

    private Media shown(Manifest.Stored file) {
        return java.util.Objects.requireNonNull(shownIn.get(file.name()));
    }

    private interface Work {
        void on(Manifest.Stored file, InputStream in) throws IOException;
    }

    private void each(List<Manifest.Stored> files, IntConsumer told, Work work) {
        int done = 0;
        for (Manifest.Stored file : files) {
            try (InputStream in = zip.stream(file.path())) {
                work.on(file, in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            told.accept(++done);
        }
    }

    @Override
    public void close() {
        zip.close();
    }
}
