package venue.server.media;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.core.change.edit.media.MediaCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.usage.MediaStand;
import venue.core.edition.usage.MediaUse;
import venue.core.model.media.Cut;
import venue.core.model.media.Font;
import venue.core.model.media.Media;
import venue.server.event.Events;
import venue.server.here.Here;
import venue.server.intake.Room;
import venue.store.database.DataFolder;
import venue.store.media.FirstPages;
import venue.store.media.MediaIntake;
import venue.store.media.SiteBytes;

/** The pictures of a site. */
@RestController
@RequestMapping("/api/sites/{site}/media")
class MediaController {

    private static final int NAME = 80;
    private final MediaIntake intake;
    private final DataFolder folder;
    private final SiteBytes bytes;
    private final Room room;
    private final FirstPages firstPages;

    MediaController(
            MediaIntake intake, Events events, DataFolder folder, SiteBytes bytes, Room room, FirstPages firstPages) {
        this.firstPages = firstPages;
        this.intake = intake;
        this.folder = folder;
        this.bytes = bytes;
        this.room = room;
        intake.onTurns(count -> events.tellAll("taking-in", count));
    }

    /** How many bytes the files of a site have, and how many they may have together. */
    record Rooms(long taken, long most) {}

    @GetMapping("/room")
    Rooms room(Here here) {
        return new Rooms(room.taken(here.site()), room.most());
    }

    /** A page, template or pattern that uses a file. */
    record Use(String id, String name, boolean page) {}

    /**
     * A file as it was before another took its place.
     *
     * @param file the hash of its bytes
     * @param bytes its size, 0 when not known
     * @param since the day from which it was that, ISO 8601; empty where nobody knows
     * @param path path of it on the site
     */
    record Before(Hash file, String format, long bytes, String since, String path) {}

    /**
     * A file to choose.
     *
     * @param takenOut what was taken out of a drawing when it was sent, such as a script
     */
    record MediaInfo(
            @JsonUnwrapped MediaFile file,
            @JsonUnwrapped MediaShape shape,
            @JsonUnwrapped MediaWords words,
            @JsonUnwrapped MediaBeside beside,
            List<Use> uses,
            List<String> takenOut) {

        /**
         * The file.
         *
         * @param bytes its size as it was given, 0 when not known
         * @param since the day from which it is this file, ISO 8601; empty where nobody knows
         */
        public record MediaFile(
                String id, String name, Media.Sort sort, String format, String folder, long bytes, String since) {}

        /**
         * How it looks, and where it is served.
         *
         * @param thumb path of a picture's smallest rendition on the here.site(), or empty
         * @param path path of the file on the site
         * @param whole path of the whole picture, however it is cut
         */
        public record MediaShape(
                int width, int height, int focalX, int focalY, String thumb, String path, String whole) {}

        /** What it shows, for those who do not see it. */
        public record MediaWords(@Nullable String alt, Map<String, String> altIn, boolean decorative) {}

        /**
         * What it was made of.
         *
         * @param cut the part of the whole that is shown; absent while it is whole
         * @param font what it says of itself, where it is one
         * @param earlier what it was before and can still be had, the latest first
         */
        public record MediaBeside(
                @Nullable Cut cut, @Nullable Font font, List<Before> earlier) {}

        /** The same, told of what was taken out of it as it came. */
        MediaInfo without(List<String> what) {
            return new MediaInfo(file, shape, words, beside, uses, what);
        }
    }

    @GetMapping
    List<MediaInfo> all(Here here) {
        Edition edition = here.working();
        Map<String, List<Item>> uses = MediaUse.all(edition);
        return edition.all(Media.class)
                .sorted(Comparator.comparing(Media::name, String.CASE_INSENSITIVE_ORDER))
                .map(m -> info(m, uses(uses.getOrDefault(m.id(), List.of()))))
                .toList();
    }

    /** Where a picture stands, and how it is cut there. */
    @GetMapping("/{id}/stands")
    List<MediaStand> stands(Here here, @PathVariable String id) {
        Edition edition = here.working();
        return MediaStand.of(edition, edition.require(Media.class, id).id());
    }

    /** The first page of a document, as a picture; nothing where it can't be drawn. */
    @GetMapping(value = "/{id}/first-page", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> firstPage(Here here, @PathVariable String id) {
        Media media = here.working().require(Media.class, id);
        return ResponseEntity.of(firstPages.of(media));
    }

    /** Takes a picture in; the same file a second time is the picture that is there already. */
    @PostMapping
    MediaInfo take(Here here, @RequestParam MultipartFile file, @RequestParam(defaultValue = "") String folder)
            throws IOException {
        Path lies = Files.createTempFile(this.folder.incoming(), "in", ".part");
        try {
            file.transferTo(lies);
            return take(here, lies, String.valueOf(file.getOriginalFilename()), folder);
        } finally {
            Files.deleteIfExists(lies);
        }
    }

    private MediaInfo take(Here here, Path lies, String fileName, String folder) throws IOException {
        Hash hash = Hash.over(lies);
        List<String> takenOut = MediaIntake.takenOut(fileName, lies);
        Optional<Media> known = here.working()
                .all(Media.class)
                .filter(m -> m.file().equals(hash))
                .findFirst();
        if (known.isPresent()) {
            return info(here.working(), known.get()).without(takenOut);
        }
        String name = name(fileName);
        Media media = intake.take("m-" + hash.first(16), fileName, lies)
                .withPlace(name, folder)
                .withSince(LocalDate.now(here.working().site().zone()).toString());
        here.run(WholeCommand.takeIn(name, List.of(media)));
        bytes.taken(here.site(), media);
        return info(here.after().working(), media).without(takenOut);
    }

    /** The part of a picture that is to be shown, in percent of the whole. */
    record CutPart(int left, int top, int wide, int high) {}

    /** Shows a part of a picture wherever it stands, or the whole again. */
    @PostMapping("/{id}/cut")
    MediaInfo cut(Here here, @PathVariable String id, @RequestBody CutPart part) {
        Media media = here.working().require(Media.class, id);
        Media cut = intake.cut(media, part.left(), part.top(), part.wide(), part.high());
        here.run(MediaCommand.cutMedia(cut));
        Edition after = here.after().working();
        return info(after, after.require(Media.class, id));
    }

    private static String name(String file) {
        String plain = file.replaceAll(".*[/\\\\]", "").replaceAll("\\.[A-Za-z0-9]{1,5}$", "");
        String words = Letters.line(plain.replaceAll("[_-]+", " "));
        return Letters.isUnseen(words) ? "File" : Words.shorten(words, NAME);
    }

    private static List<Use> uses(List<Item> items) {
        return items.stream()
                .map(i -> new Use(i.id(), i.name(), ItemSort.of(i) == ItemSort.PAGE))
                .toList();
    }

    private static MediaInfo info(Media media, List<Use> uses) {
        return new MediaInfo(
                new MediaInfo.MediaFile(
                        media.id(),
                        media.name(),
                        media.sort(),
                        media.format(),
                        media.folder(),
                        media.bytes(),
                        media.since()),
                new MediaInfo.MediaShape(
                        media.width(),
                        media.height(),
                        media.focalX(),
                        media.focalY(),
                        media.widths().isEmpty()
                                ? ""
                                : media.path(media.widths().get(0)),
                        media.path(),
                        media.whole()),
                new MediaInfo.MediaWords(media.alt(), media.altIn(), media.decorative()),
                new MediaInfo.MediaBeside(
                        media.cut(),
                        media.font(),
                        media.earlier().stream()
                                .map(e -> new Before(e.file(), e.format(), e.bytes(), e.since(), e.path()))
                                .toList()),
                uses,
                List.of());
    }

    private static MediaInfo info(Edition edition, Media media) {
        return info(media, uses(MediaUse.of(edition, media.id())));
    }
}
