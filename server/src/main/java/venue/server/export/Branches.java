package venue.server.export;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Whole branches of addresses that lead on or are gone, as patterns of nginx's maps: the nearest branch answers, and no page is hidden by one. */
final class Branches {

    private static final String END = "/*";

    /** What is answered beneath an address, the longest first; empty where what stood there is gone. */
    private final Map<String, Optional<String>> answers =
            new TreeMap<>(Comparator.comparing(String::length).reversed().thenComparing(Comparator.naturalOrder()));

    private final Set<String> served = new TreeSet<>();

    /** Whether it is a branch, and so is kept here. */
    boolean moved(String path, String to) {
        return keep(path, Optional.of(to));
    }

    boolean gone(String path) {
        return keep(path, Optional.empty());
    }

    private boolean keep(String path, Optional<String> answer) {
        if (path.endsWith(END)) {
            answers.put(path.substring(0, path.length() - END.length()), answer);
            return true;
        }
        return false;
    }

    void serves(String path) {
        served.add(path);
        served.add(path.endsWith("/") ? path : path + "/");
    }

    Map<String, String> patterns(boolean moved) {
        Map<String, String> patterns = new LinkedHashMap<>();
        answers.forEach((path, answer) -> patterns.put(
                "~^" + path.replaceAll("([^\\p{L}\\p{N}/_-])", "\\\\$1") + "(/|$)",
                moved ? answer.orElse("") : answer.isPresent() ? "" : "1"));
        return patterns;
    }

    /** The answers of single addresses, and an empty one for each within a branch that something else is answered at. */
    Map<String, String> beside(Map<String, String> answered, Map<String, String> otherwise) {
        Map<String, String> all = new TreeMap<>(answered);
        served.stream().filter(this::isWithin).forEach(p -> all.putIfAbsent(p, ""));
        otherwise.keySet().stream().filter(this::isWithin).forEach(p -> all.putIfAbsent(p, ""));
        return all;
    }

    private boolean isWithin(String path) {
        return answers.keySet().stream().anyMatch(branch -> (path + "/").startsWith(branch + "/"));
    }
}
