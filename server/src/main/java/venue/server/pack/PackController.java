package venue.server.pack;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import venue.core.basics.fault.Refusal;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.ReadAsked;
import venue.core.carry.pack.Report;
import venue.core.edition.edition.ItemSort;
import venue.core.model.page.Segment;
import venue.core.model.site.Site;
import venue.server.here.Here;
import venue.store.media.MediaFiles;
import venue.store.media.SiteBytes;
import venue.store.pack.PackFile;
import venue.store.pack.PackWriter;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Done;
import venue.store.workspace.Packs;

/** The packs of a site: what is carried elsewhere, and what comes from there. */
@RestController
@RequestMapping("/api/sites/{site}")
class PackController {

    /** As many as an address can name. */
    private static final int MOST_PAGES = 150;

    private final WaitingPacks waiting;
    private final MediaFiles files;
    private final SiteBytes bytes;
    private final Records records;

    PackController(WaitingPacks waiting, MediaFiles files, SiteBytes bytes, Records records) {
        this.waiting = waiting;
        this.files = files;
        this.bytes = bytes;
        this.records = records;
    }

    /**
     * A pack that waits to be read.
     *
     * @param pages all its pages, those too that are not to come
     * @param lacking names of pictures and files that are shown in it and are neither in it nor here
     * @param files how many files it has
     * @param bytes how many bytes they have
     */
    record PackLooked(
            String id, Report report, List<Report.PackPage> pages, List<String> lacking, int files, long bytes) {}

    /**
     * How a pack is to be read.
     *
     * @param each what becomes of single items that differ, by their id in the pack
     * @param at the page beneath which, or in place of which, a page comes; absent for the top
     * @param pages the pages that come, with what they need, by their ids in the pack; absent for all that is in it
     */
    record PackHow(
            ReadAsked.Differing differing,
            Map<String, ReadAsked.Differing> each,
            ReadAsked.How how,
            @Nullable String at,
            boolean wearItsLook,
            @Nullable List<String> pages) {

        static final PackHow USUAL =
                new PackHow(ReadAsked.Differing.MINE, Map.of(), ReadAsked.How.UNDER, null, false, null);

        Pack of(Pack pack) {
            return pages == null ? pack : pack.only(pages);
        }

        ReadAsked asked() {
            return new ReadAsked(differing, each == null ? Map.of() : each, how, at, wearItsLook, false, null);
        }
    }

    /** How far a pack is. */
    record PackProgress(int done, int files) {}

    /** The step that a pack was read in; 0 where all of it was here already. */
    record PackRead(long step, String name) {}

    /** What a pack would hold, before it is saved. */
    record PackHeld(String name, List<SortHeld> items, int files, long bytes) {}

    /** How many items of a sort. */
    record SortHeld(ItemSort sort, int items) {}

    /** What would come along, for whoever asks before saving. */
    @GetMapping("/pack/held")
    PackHeld held(
            Here here,
            @RequestParam(defaultValue = Site.ID) String item,
            @RequestParam(defaultValue = "") List<String> page)
            throws IOException {
        here.requireManager("save packs");
        Pack pack = saved(here, item, false, page);
        PackWriter.Size size = PackWriter.size(pack, files);
        Map<ItemSort, Long> counts = pack.items().stream()
                .collect(Collectors.groupingBy(p -> ItemSort.of(p.item()), TreeMap::new, Collectors.counting()));
        List<SortHeld> items = counts.entrySet().stream()
                .map(e -> new SortHeld(e.getKey(), e.getValue().intValue()))
                .toList();
        return new PackHeld(pack.rootItem().name(), items, size.files(), size.bytes());
    }

    /** A pack of one of the site's items with all that it needs, of pages and of none but those, or of the whole site. */
    @GetMapping(value = "/pack", produces = PackWriter.MEDIA_TYPE)
    void save(
            Here here,
            @RequestParam(defaultValue = Site.ID) String item,
            @RequestParam(defaultValue = "false") boolean entries,
            @RequestParam(defaultValue = "") List<String> page,
            HttpServletResponse response)
            throws IOException {
        here.requireManager("save packs");
        Pack pack = saved(here, item, entries, page);
        String name = pack.rootItem().name();
        records.write(Deed.PACK_SAVED, here.by(), here.site(), null, name);
        response.setContentType(PackWriter.MEDIA_TYPE);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(Segment.fromTitle(name) + ".venuepack", StandardCharsets.UTF_8)
                        .build()
                        .toString());
        PackWriter.write(pack, files, response.getOutputStream());
    }

    private static Pack saved(Here here, String item, boolean entries, List<String> pages) {
        Packs packs = here.workspace().packs();
        if (pages.size() > MOST_PAGES) {
            throw Refusal.badInput(
                    "too-many-pages",
                    "page",
                    pages.size() + " pages are named, one by one.",
                    "Name " + MOST_PAGES + " at most, or save the page that they stand beneath.");
        }
        return pages.isEmpty() ? packs.save(item, entries) : packs.savePages(pages);
    }

    /** Receives a pack and tells what reading it would do; nothing is read yet. */
    @PostMapping("/packs")
    PackLooked receive(Here here, @RequestParam MultipartFile file) throws IOException {
        here.requireManager("read packs");
        WaitingPacks.Waiting pack = waiting.receive(here.person().id(), file);
        return looked(here, pack, PackHow.USUAL);
    }

    /** What reading it as asked would do. */
    @PostMapping("/packs/{pack}/look")
    PackLooked look(Here here, @PathVariable String pack, @RequestBody PackHow how) {
        here.requireManager("read packs");
        return looked(here, waiting.require(here.person().id(), pack), how);
    }

    private PackLooked looked(Here here, WaitingPacks.Waiting pack, PackHow how) {
        PackFile packed = pack.said();
        Packs packs = here.workspace().packs();
        Pack read = how.of(packed.pack());
        return new PackLooked(
                pack.id(),
                packs.look(read, how.asked()),
                pack.drawn(here.workspace()).pages(),
                packed.lacking(read, files),
                packed.files(read),
                packed.bytes(read));
    }

    /** How many of its files have been kept, while it is read. */
    @GetMapping("/packs/{pack}")
    PackProgress progress(Here here, @PathVariable String pack) {
        here.requireManager("read packs");
        WaitingPacks.Waiting one = waiting.require(here.person().id(), pack);
        return new PackProgress(one.done().get(), one.files());
    }

    /** Reads it, in one step. */
    @PostMapping("/packs/{pack}/read")
    PackRead read(Here here, @PathVariable String pack, @RequestBody PackHow how) {
        here.requireManager("read packs");
        WaitingPacks.Waiting one = waiting.require(here.person().id(), pack);
        try (PackFile packed = one.open()) {
            Pack read = how.of(packed.pack());
            one.begins(packed.files(read));
            packed.unpack(read, files, one.done()::set);
            Done done = here.workspace().packs().read(here.person().id(), here.role(), read, how.asked());
            read.media().stream()
                    .filter(m -> done.revisions().containsKey(m.id()))
                    .forEach(m -> bytes.taken(here.site(), m));
            records.write(
                    Deed.PACK_READ,
                    here.by(),
                    here.site(),
                    null,
                    read.rootItem().name());
            waiting.letGo(one.who(), one.id());
            return new PackRead(done.revisions().isEmpty() ? 0 : done.step(), done.name());
        }
    }

    /** Lets go of a pack that is not to be read. */
    @DeleteMapping("/packs/{pack}")
    void letGo(Here here, @PathVariable String pack) {
        here.requireManager("read packs");
        waiting.letGo(here.person().id(), pack);
    }
}
