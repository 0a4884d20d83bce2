package venue.core.live.sitemap;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import venue.core.edition.edition.Edition;

/** robots.txt as it is written, and as a robot reads it (RFC 9309). */
public final class RobotsFile {

    private final Map<String, List<RobotRule>> groups = new LinkedHashMap<>();

    public RobotsFile(List<RobotRule> rules) {
        rules.forEach(r -> groups.computeIfAbsent(r.agent().toLowerCase(Locale.ROOT), a -> new ArrayList<>())
                .add(r));
    }

    /** That of a site; the same one each time. */
    public static RobotsFile of(Edition edition) {
        return edition.kept(RobotsFile.class, () -> new RobotsFile(RobotRule.in(edition.site())));
    }

    /** Whether robots that have no rule of their own may fetch an address. */
    boolean lets(String address) {
        return may(RobotRule.ALL, address).fetch();
    }

    /** The group for all comes last: a robot that is named reads its own alone. */
    public String text(String origin) {
        StringBuilder out = new StringBuilder();
        groups.forEach((agent, rules) -> {
            if (!agent.equals(RobotRule.ALL)) {
                group(rules, out);
            }
        });
        group(groups.getOrDefault(RobotRule.ALL, List.of()), out);
        return out.append("Sitemap: ").append(origin).append("/sitemap.xml\n").toString();
    }

    private static void group(List<RobotRule> rules, StringBuilder out) {
        if (!rules.isEmpty()) {
            out.append("User-agent: ").append(rules.get(0).agent()).append('\n');
            rules.forEach(r -> out.append(line(r)).append('\n'));
            out.append('\n');
        }
    }

    /** A rule as it is written. */
    public static String line(RobotRule rule) {
        return (rule.allows() ? "Allow: " : "Disallow: ") + normal(rule.path());
    }

    /** Whose rules a robot reads: its own name's, or those for all. */
    public String group(String agent) {
        String name = agent.strip().toLowerCase(Locale.ROOT);
        return groups.containsKey(name) ? groups.get(name).get(0).agent() : RobotRule.ALL;
    }

    /**
     * Whether a robot may fetch an address.
     *
     * @param by the rule that says so; empty where none says anything, and it may
     */
    public record May(boolean fetch, Optional<RobotRule> by) {}

    /**
     * @param agent the product token of a robot
     * @param address a path with what follows it, percent-encoded or not
     */
    public May may(String agent, String address) {
        String asked = normal(address);
        List<RobotRule> group = groups.getOrDefault(group(agent).toLowerCase(Locale.ROOT), List.of());
        Optional<RobotRule> by = group.stream()
                .filter(r -> matches(normal(r.path()), asked))
                // The longest wins; of two that are as long, the one that lets in (2.2.2).
                .max(Comparator.<RobotRule>comparingInt(r -> octets(normal(r.path())))
                        .thenComparing(RobotRule::allows));
        return new May(by.map(RobotRule::allows).orElse(true), by);
    }

    private static int octets(String path) {
        return path.getBytes(StandardCharsets.UTF_8).length;
    }

    /** Octets beyond ASCII percent-encoded, hexadecimal digits large, and what needs no encoding without it (2.2.2). */
    static String normal(String path) {
        StringBuilder out = new StringBuilder();
        byte[] bytes = path.getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < bytes.length; i++) {
            int octet = bytes[i] & 0xff;
            int digits = octet == '%' && i + 2 < bytes.length ? hex(bytes[i + 1]) * 16 + hex(bytes[i + 2]) : -1;
            if (octet == '%' && digits >= 0 && hex(bytes[i + 1]) >= 0 && hex(bytes[i + 2]) >= 0) {
                out.append(isPlain(digits) ? String.valueOf((char) digits) : "%%%02X".formatted(digits));
                i += 2;
            } else if (octet > ' ' && octet < 0x7f) {
                out.append((char) octet);
            } else {
                out.append("%%%02X".formatted(octet));
            }
        }
        return out.toString();
    }

    private static int hex(byte digit) {
        return Character.digit(digit, 16);
    }

    /** Letters, digits and what is never encoded (RFC 3986, 2.3). */
    private static boolean isPlain(int octet) {
        return octet < 0x7f && (Character.isLetterOrDigit(octet) || "-._~".indexOf(octet) >= 0);
    }

    /** Walks along both once, and back to the last {@code *} where it goes wrong: no rule costs more than its length times the address's. */
    static boolean matches(String rule, String address) {
        boolean whole = rule.endsWith("$");
        String pattern = whole ? rule.substring(0, rule.length() - 1) : rule + "*";
        int at = 0;
        int star = -1;
        int from = 0;
        int i = 0;
        while (i < address.length()) {
            if (at < pattern.length() && pattern.charAt(at) == '*') {
                star = at++;
                from = i;
            } else if (at < pattern.length() && pattern.charAt(at) == address.charAt(i)) {
                at++;
                i++;
            } else if (star >= 0) {
                at = star + 1;
                i = ++from;
            } else {
                return false;
            }
        }
        while (at < pattern.length() && pattern.charAt(at) == '*') {
            at++;
        }
        return at == pattern.length();
    }
}
