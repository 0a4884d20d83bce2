package venue.server.pack;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
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
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.ReadAsked;
import venue.core.carry.pack.Report;
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

/** The packs of a site: what is carried elsewhere, and what comes from there. */
@RestController
@RequestMapping("/api/sites/{site}")
class PackController {

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
     * @param lacking names of pictures and files that are shown in it and are neither in it nor here
     * @param files how many files it has
     * @param bytes how many bytes they have
     */
    record PackLooked(String id, Report report, List<String> lacking, int files, long bytes) {}

    /**
     * How a pack is to be read.
     *
     * @param each what becomes of single items that differ, by their id in the pack
     * @param at the page beneath which, or in place of which, a page comes; absent for the top
     */
    record PackHow(
            ReadAsked.Differing differing,
            Map<String, ReadAsked.Differing> each,
            ReadAsked.How how,
            @Nullable String at,
            boolean wearItsLook) {

        ReadAsked asked() {
            return new ReadAsked(differing, each == null ? Map.of() : each, how, at, wearItsLook, false, null);
        }
    }

    /** How far a pack is. */
    record PackProgress(int done, int files) {}

    /** The step that a pack was read in; 0 where all of it was here already. */
    record PackRead(long step, String name) {}

    /** A pack of one of the site's items with all that it needs, or of the whole site. */
    @GetMapping(value = "/pack", produces = PackWriter.MEDIA_TYPE)
    void save(
            Here here,
            @RequestParam(defaultValue = Site.ID) String item,
            @RequestParam(defaultValue = "false") boolean entries,
            HttpServletResponse response)
            throws IOException {
        here.requireManager("save packs");
        Pack pack = here.workspace().packs().save(item, entries);
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

    /** Receives a pack and tells what reading it would do; nothing is read yet. */
    @PostMapping("/packs")
    PackLooked receive(Here here, @RequestParam MultipartFile file) throws IOException {
        here.requireManager("read packs");
        WaitingPacks.Waiting pack = waiting.receive(here.person().id(), file);
        return looked(here, pack, ReadAsked.USUAL);
    }

    /** What reading it as asked would do. */
    @PostMapping("/packs/{pack}/look")
    PackLooked look(Here here, @PathVariable String pack, @RequestBody PackHow how) {
        here.requireManager("read packs");
        return looked(here, waiting.require(here.person().id(), pack), how.asked());
    }

    private PackLooked looked(Here here, WaitingPacks.Waiting pack, ReadAsked asked) {
        PackFile packed = pack.said();
        Report report = here.workspace().packs().look(packed.pack(), asked);
        return new PackLooked(pack.id(), report, packed.lacking(files), packed.files(), packed.bytes());
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
            packed.unpack(files, one.done()::set);
            Done done = here.workspace().packs().read(here.person().id(), here.role(), packed.pack(), how.asked());
            packed.pack().media().stream()
                    .filter(m -> done.revisions().containsKey(m.id()))
                    .forEach(m -> bytes.taken(here.site(), m));
            records.write(
                    Deed.PACK_READ,
                    here.by(),
                    here.site(),
                    null,
                    packed.pack().rootItem().name());
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
