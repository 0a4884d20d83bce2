package venue.server.media;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.Principal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import venue.core.edit.Command;
import venue.core.edit.CutMedia;
import venue.core.edit.MediaStand;
import venue.core.edit.MediaUse;
import venue.core.edit.TakeIn;
import venue.core.edition.Edition;
import venue.core.item.Hash;
import venue.core.item.Item;
import venue.core.media.Cut;
import venue.core.media.Media;
import venue.core.page.Page;
import venue.server.event.Events;
import venue.server.signin.People;
import venue.store.media.MediaIntake;
import venue.store.workspace.Asked;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The pictures of a site. */
@RestController
@RequestMapping("/api/sites/{site}/media")
class MediaController {

    private static final int NAME = 80;

    private final Workspaces workspaces;
    private final MediaIntake intake;
    private final People people;
    private final Events events;

    MediaController(Workspaces workspaces, MediaIntake intake, People people, Events events) {
        this.workspaces = workspaces;
        this.intake = intake;
        this.people = people;
        this.events = events;
    }

    /** A page, template or pattern that uses a file. */
    record Use(String id, String name, boolean page) {}

    /**
     * A file to choose.
     *
     * @param sort {@code PICTURE}, {@code FILM}, {@code SOUND} or {@code DOCUMENT}
     * @param bytes its size as it was given, 0 when not known
     * @param thumb path of a picture's smallest rendition on the site, or empty
     * @param path path of the file on the site
     * @param cut the part of the whole that is shown; absent while it is whole
     * @param whole path of the whole picture, however it is cut
     */
    record MediaInfo(
            String id,
            String name,
            String sort,
            String format,
            String folder,
            long bytes,
            int width,
            int height,
            @Nullable String alt,
            Map<String, String> altIn,
            boolean decorative,
            int focalX,
            int focalY,
            String thumb,
            String path,
            @Nullable Cut cut,
            String whole,
            List<Use> uses) {}

    @GetMapping
    List<MediaInfo> all(@PathVariable String site) {
        Edition edition = workspaces.require(site).now().working();
        Map<String, List<Item>> uses = MediaUse.all(edition);
        return edition.all(Media.class)
                .sorted(Comparator.comparing(Media::name, String.CASE_INSENSITIVE_ORDER))
                .map(m -> info(m, uses(uses.getOrDefault(m.id(), List.of()))))
                .toList();
    }

    /** Where a picture stands, and how it is cut there. */
    @GetMapping("/{id}/stands")
    List<MediaStand> stands(@PathVariable String site, @PathVariable String id) {
        Edition edition = workspaces.require(site).now().working();
        return MediaStand.of(edition, edition.require(Media.class, id).id());
    }

    /** Takes a picture in; the same file a second time is the picture that is there already. */
    @PostMapping
    MediaInfo take(
            @PathVariable String site,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String folder,
            Principal principal)
            throws IOException {
        Workspace workspace = workspaces.require(site);
        Path lies = Files.createTempFile("venue-in", ".part");
        try {
            file.transferTo(lies);
            return take(workspace, lies, String.valueOf(file.getOriginalFilename()), folder, principal);
        } finally {
            Files.deleteIfExists(lies);
        }
    }

    private MediaInfo take(Workspace workspace, Path lies, String fileName, String folder, Principal principal)
            throws IOException {
        String hash = Hash.of(lies);
        Optional<Media> known = workspace
                .now()
                .working()
                .all(Media.class)
                .filter(m -> m.file().equals(hash))
                .findFirst();
        if (known.isPresent()) {
            return info(workspace.now().working(), known.get());
        }
        String name = name(fileName);
        Media media = intake.take("m-" + hash.substring(0, 16), fileName, lies).withPlace(name, folder);
        events.tell(workspace.site(), "step", workspace.run(asked(principal, new TakeIn(name, List.of(media)))));
        return info(workspace.now().working(), media);
    }

    /** The part of a picture that is to be shown, in percent of the whole. */
    record CutPart(int left, int top, int wide, int high) {}

    /** Shows a part of a picture wherever it stands, or the whole again. */
    @PostMapping("/{id}/cut")
    MediaInfo cut(@PathVariable String site, @PathVariable String id, @RequestBody CutPart part, Principal principal) {
        Workspace workspace = workspaces.require(site);
        Media media = workspace.now().working().require(Media.class, id);
        Media cut = intake.cut(media, part.left(), part.top(), part.wide(), part.high());
        events.tell(site, "step", workspace.run(asked(principal, new CutMedia(cut))));
        return info(workspace.now().working(), workspace.now().working().require(Media.class, id));
    }

    private Asked asked(Principal principal, Command command) {
        return new Asked(people.require(principal).id(), people.role(principal), command, Map.of(), null, null);
    }

    private static String name(String file) {
        String plain = file.replaceAll(".*[/\\\\]", "").replaceAll("\\.[A-Za-z0-9]{1,5}$", "");
        String words = plain.replaceAll("[\\p{Cntrl}_-]+", " ").strip();
        return words.isEmpty() ? "File" : words.substring(0, Math.min(NAME, words.length()));
    }

    private static List<Use> uses(List<Item> items) {
        return items.stream()
                .map(i -> new Use(i.id(), i.name(), i instanceof Page))
                .toList();
    }

    private static MediaInfo info(Media media, List<Use> uses) {
        return new MediaInfo(
                media.id(),
                media.name(),
                media.sort().name(),
                media.format(),
                media.folder(),
                media.bytes(),
                media.width(),
                media.height(),
                media.alt(),
                media.altIn(),
                media.decorative(),
                media.focalX(),
                media.focalY(),
                media.widths().isEmpty() ? "" : media.path(media.widths().get(0)),
                media.path(),
                media.cut(),
                media.whole(),
                uses);
    }

    private static MediaInfo info(Edition edition, Media media) {
        return info(media, uses(MediaUse.of(edition, media.id())));
    }
}
