package venue.server.media;

import java.io.IOException;
import java.security.Principal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import venue.core.edit.MediaUse;
import venue.core.edit.TakeIn;
import venue.core.edition.Edition;
import venue.core.item.Hash;
import venue.core.item.Item;
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
     * @param path path of the whole file on the site
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
            boolean decorative,
            int focalX,
            int focalY,
            String thumb,
            String path,
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

    /** Takes a picture in; the same file a second time is the picture that is there already. */
    @PostMapping
    MediaInfo take(
            @PathVariable String site,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String folder,
            Principal principal)
            throws IOException {
        Workspace workspace = workspaces.require(site);
        byte[] bytes = file.getBytes();
        String hash = Hash.of(bytes);
        Optional<Media> known = workspace
                .now()
                .working()
                .all(Media.class)
                .filter(m -> m.file().equals(hash))
                .findFirst();
        if (known.isPresent()) {
            return info(workspace.now().working(), known.get());
        }
        String name = name(String.valueOf(file.getOriginalFilename()));
        Media media = intake.take("m-" + hash.substring(0, 16), String.valueOf(file.getOriginalFilename()), bytes)
                .withPlace(name, folder);
        String who = people.require(principal).id();
        events.tell(site, "step", workspace.run(Asked.of(who, new TakeIn(name, List.of(media)))));
        return info(workspace.now().working(), media);
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
                media.decorative(),
                media.focalX(),
                media.focalY(),
                media.widths().isEmpty() ? "" : media.path(media.widths().get(0)),
                media.path(),
                uses);
    }

    private static MediaInfo info(Edition edition, Media media) {
        return info(media, uses(MediaUse.of(edition, media.id())));
    }
}
