package venue.core.body.element;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;

/**
 * A folder of files and the folders within it.
 *
 * @param files those that lie in it itself, in order
 * @param within by name; none of them is empty
 */
record DocumentFolder(String name, List<Media> files, List<DocumentFolder> within) {

    /** What stands between a folder and one within it. */
    private static final String WITHIN = "/";

    /** What an element shows of the folder that it names. */
    static DocumentFolder of(Props props) {
        String path = props.text("folder").strip();
        boolean deep = props.flag("deep");
        List<Media> all = props.scene().pictures().folder(path).stream()
                .filter(m -> deep || m.folder().strip().equalsIgnoreCase(path))
                .sorted(order(props.text("order")))
                .toList();
        return of(path, path, all);
    }

    private static DocumentFolder of(String name, String path, List<Media> all) {
        List<Media> here = new ArrayList<>();
        TreeMap<String, List<Media>> within = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
        for (Media media : all) {
            String rest = media.folder().strip().substring(path.length());
            if (rest.isEmpty()) {
                here.add(media);
            } else {
                String next = rest.substring(1);
                int end = next.indexOf(WITHIN);
                within.computeIfAbsent(end < 0 ? next : next.substring(0, end), n -> new ArrayList<>())
                        .add(media);
            }
        }
        List<DocumentFolder> folders = within.entrySet().stream()
                .map(e -> of(e.getKey().strip(), path + WITHIN + e.getKey(), e.getValue()))
                .toList();
        return new DocumentFolder(name, here, folders);
    }

    private static Comparator<Media> order(String by) {
        Comparator<Media> byName = Comparator.comparing(m -> m.name().toLowerCase(Locale.ROOT));
        Comparator<Media> byDay = Comparator.comparing(Media::since);
        return switch (by) {
            case "newest" -> byDay.reversed().thenComparing(byName);
            case "oldest" -> byDay.thenComparing(byName);
            default -> byName;
        };
    }

    boolean isEmpty() {
        return files.isEmpty() && within.isEmpty();
    }

    /** How many files lie in it and in the folders within it. */
    int count() {
        return files.size() + within.stream().mapToInt(DocumentFolder::count).sum();
    }
}
