package venue.core.model.media;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;

/**
 * A file of the site: a picture, film, sound or document.
 *
 * @param file the hash of its bytes, 64 hexadecimal digits
 * @param format its ending, which says what it is: {@code jpg}, {@code mp4}, {@code pdf}…
 * @param folder the folder it is kept in, or empty
 * @param bytes the size of the file as it was given
 * @param width in pixels, after its orientation is applied; 0 for what is no picture
 * @param widths the widths, in pixels and ascending, in which it can be had; the last is the whole picture
 * @param alt what it shows, in the site's language, for those who don't see it; absent when nobody has said yet
 * @param altIn the same in other languages, by primary language tag (BCP 47)
 * @param decorative it says nothing that the words don't, and is passed over by screen readers
 * @param focalX the point that stays in sight when it is cropped, in percent from the left
 * @param focalY the same, from the top
 * @param cut what it was cut from; absent while it is whole
 * @param font what it says of itself, where it is one; else absent
 * @param since the day from which it is this file, ISO 8601; empty where nobody knows
 * @param earlier what it was before and can still be had, the latest first
 * @param shades its darkest and lightest colours of any size, as #RRGGBB; empty when not known
 */
public record Media(
        String id,
        String name,
        Hash file,
        String format,
        String folder,
        long bytes,
        int width,
        int height,
        List<Integer> widths,
        @Nullable String alt,
        Map<String, String> altIn,
        boolean decorative,
        int focalX,
        int focalY,
        List<String> shades,
        @Nullable Cut cut,
        @Nullable Font font,
        String since,
        List<Earlier> earlier)
        implements Item {

    private static final int MIDDLE = 50;
    private static final int HASH_LETTERS = 20;
    private static final Set<String> PICTURES = Set.of("jpg", "png", "svg");
    private static final Set<String> FILMS = Set.of("mp4", "webm");
    private static final Set<String> SOUNDS = Set.of("mp3", "ogg", "m4a", "wav");

    private static final Set<String> OTHERS = Set.of("woff2", "pdf", "csv", "txt");

    /** The formats that sites may hold, which are the endings of their files. */
    public static Stream<String> formats() {
        return Stream.of(PICTURES, FILMS, SOUNDS, OTHERS).flatMap(Set::stream);
    }

    /** What a file is to those who place it. */
    public enum Sort {
        PICTURE,
        FILM,
        SOUND,
        FONT,
        DOCUMENT
    }

    public Media {
        folder = folder == null ? "" : folder;
        widths = widths == null ? List.of() : List.copyOf(widths);
        altIn = altIn == null ? Map.of() : Map.copyOf(altIn);
        shades = shades == null ? List.of() : List.copyOf(shades);
        since = since == null ? "" : since;
        earlier = earlier == null ? List.of() : List.copyOf(earlier);
    }

    /** A picture that nobody has described yet. */
    public static Media picture(
            String id, String name, Hash file, String format, int width, int height, List<Integer> widths) {
        return file(id, name, file, format, 0).but(d -> {
            d.width = width;
            d.height = height;
            d.widths = widths;
        });
    }

    /** A file that is no picture. */
    public static Media file(String id, String name, Hash file, String format, long bytes) {
        return new Media(
                id, name, file, format, "", bytes, 0, 0, List.of(), null, Map.of(), false, MIDDLE, MIDDLE, List.of(),
                null, null, "", List.of());
    }

    public Sort sort() {
        return PICTURES.contains(format)
                ? Sort.PICTURE
                : FILMS.contains(format)
                        ? Sort.FILM
                        : SOUNDS.contains(format) ? Sort.SOUND : font != null ? Sort.FONT : Sort.DOCUMENT;
    }

    /** Whether files of a format are played: films and sounds. */
    public static boolean isPlayed(String format) {
        return FILMS.contains(format) || SOUNDS.contains(format);
    }

    public boolean isPicture() {
        return sort() == Sort.PICTURE;
    }

    /** Where the whole file is served on the site. */
    public String path() {
        return isPicture() && !widths.isEmpty() ? path(widths.get(widths.size() - 1)) : path(file, format);
    }

    static String path(Hash hash, String format) {
        return "/-/media/" + hash.first(HASH_LETTERS) + "." + format;
    }

    /** Where a rendition is served on the site. */
    public String path(int renditionWidth) {
        return path(file, renditionWidth);
    }

    /** Where the whole picture is served, however it is cut. */
    public String whole() {
        return cut == null
                ? path()
                : path(cut.file(), cut.widths().get(cut.widths().size() - 1));
    }

    /** Where all its files are served: those of the whole where it is cut, and what it was before, among them. */
    public Stream<String> paths() {
        Stream<String> own =
                widths.isEmpty() ? Stream.of(path()) : widths.stream().map(this::path);
        Stream<String> whole =
                cut == null ? Stream.empty() : cut.widths().stream().map(w -> path(cut.file(), w));
        return Stream.of(own, whole, earlier.stream().map(Earlier::path)).flatMap(s -> s);
    }

    private String path(Hash hash, int renditionWidth) {
        return "/-/media/" + hash.first(HASH_LETTERS) + "-" + renditionWidth + "." + format;
    }

    /** The height of a rendition, in pixels. */
    public int heightAt(int renditionWidth) {
        return Math.max(1, Math.round((float) height * renditionWidth / width));
    }

    /** What it shows, in a language (BCP 47): in that language, else in the site's; empty where it only decorates. */
    public String alt(String language) {
        if (decorative) {
            return "";
        }
        String there = altIn.get(primary(language));
        return there != null ? there : alt == null ? "" : alt;
    }

    /** The names of the folder that it lies in and of those that this lies in: {@code Minutes} and {@code Minutes/2026}. */
    public Stream<String> folders() {
        String whole = folder.strip();
        return IntStream.rangeClosed(1, whole.length())
                .filter(end -> end == whole.length() || whole.charAt(end) == '/')
                .mapToObj(end -> whole.substring(0, end));
    }

    /** Whether it lies in a folder, or in one within that. */
    public boolean liesIn(String path) {
        String whole = path.strip() + "/";
        return (folder.strip() + "/").regionMatches(true, 0, whole, 0, whole.length());
    }

    /** Whether somebody has said what it shows, or that it only decorates. */
    public boolean isDescribed() {
        return decorative || (alt != null && !alt.isBlank());
    }

    /** The language itself, without region and script. */
    public static String primary(String language) {
        int end = language.indexOf('-');
        return (end < 0 ? language : language.substring(0, end)).toLowerCase(Locale.ROOT);
    }

    public Media withAlt(@Nullable String words, boolean isDecorative) {
        return but(d -> {
            d.alt = words;
            d.decorative = isDecorative;
        });
    }

    /** With words in another language than the site's; empty ones take them away. */
    public Media withAltIn(String language, String words) {
        Map<String, String> more = new TreeMap<>(altIn);
        if (words.isBlank()) {
            more.remove(primary(language));
        } else {
            more.put(primary(language), words);
        }
        return but(d -> d.altIn = more);
    }

    public Media withFocal(int x, int y) {
        return but(d -> {
            d.focalX = x;
            d.focalY = y;
        });
    }

    public Media withPlace(String newName, String newFolder) {
        return but(d -> {
            d.name = newName;
            d.folder = newFolder;
        });
    }

    public Media withWeight(long fileBytes, List<String> darkestAndLightest) {
        return but(d -> {
            d.bytes = fileBytes;
            d.shades = darkestAndLightest;
        });
    }

    public Media withFont(Font itself) {
        return but(d -> d.font = itself);
    }

    public Media withCut(@Nullable Cut from) {
        return but(d -> d.cut = from);
    }

    /** Another file in its place, with what people have said of this one. */
    public Media replacedBy(Media other) {
        return but(d -> {
            d.file = other.file;
            d.format = other.format;
            d.bytes = other.bytes;
            d.width = other.width;
            d.height = other.height;
            d.widths = other.widths;
            d.shades = other.shades;
            d.cut = other.cut;
            d.font = other.font;
            d.since = other.since.isEmpty() ? since : other.since;
        });
    }

    /** Whether what it was before can be kept when another file takes its place. */
    public boolean canKeepEarlier() {
        return sort() == Sort.DOCUMENT || isPlayed(format);
    }

    /** Another file in its place, and this one still to be had as what it was before. */
    public Media followedBy(Media other) {
        List<Earlier> before = Stream.concat(Stream.of(new Earlier(file, format, bytes, since)), earlier.stream())
                .filter(e -> !e.file().equals(other.file))
                .toList();
        return replacedBy(other).but(d -> d.earlier = before);
    }

    /** Without one of what it was before, by the hash of its bytes. */
    public Media without(Hash hash) {
        return but(d ->
                d.earlier = earlier.stream().filter(e -> !e.file().equals(hash)).toList());
    }

    public Media withSince(String day) {
        return but(d -> d.since = day);
    }

    public Media withId(String newId) {
        return but(d -> d.id = newId);
    }

    private Media but(Consumer<MediaDraft> change) {
        MediaDraft draft = new MediaDraft(this);
        change.accept(draft);
        return draft.made();
    }
}
