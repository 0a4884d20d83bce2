package venue.server.account;

import java.util.Map;

/** What a browser says of itself, in a few words that people know. */
public final class Device {

    /** Names are looked for in this order: most browsers name others, too. */
    private static final Map<String, String> BROWSERS =
            ordered("Edg/", "Edge", "OPR/", "Opera", "Firefox/", "Firefox", "Chrome/", "Chrome", "Safari/", "Safari");

    private static final Map<String, String> SYSTEMS = ordered(
            "iPhone",
            "iPhone",
            "iPad",
            "iPad",
            "Android",
            "Android",
            "Windows",
            "Windows",
            "Mac OS X",
            "Mac",
            "CrOS",
            "Chromebook",
            "Linux",
            "Linux");

    private Device() {}

    public static String of(String userAgent) {
        String browser = first(BROWSERS, userAgent, "A browser");
        String system = first(SYSTEMS, userAgent, "");
        return system.isEmpty() ? browser : browser + " on " + system;
    }

    private static String first(Map<String, String> names, String userAgent, String otherwise) {
        return names.entrySet().stream()
                .filter(n -> userAgent.contains(n.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(otherwise);
    }

    private static Map<String, String> ordered(String... pairs) {
        Map<String, String> map = new java.util.LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put(pairs[i], pairs[i + 1]);
        }
        return map;
    }
}
