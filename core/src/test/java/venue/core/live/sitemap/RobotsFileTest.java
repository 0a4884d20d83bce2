package venue.core.live.sitemap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What robots may fetch, as RFC 9309 says it. */
class RobotsFileTest {

    private static RobotRule rule(String agent, boolean allows, String path) {
        return new RobotRule(agent, allows, path);
    }

    /** The law: the longest rule that an address matches decides, of two as long the one that lets in. */
    @Test
    void theLongestRuleThatMatchesDecides() {
        Random chance = new Random(40);
        List<String> bits = List.of("/", "a", "b", "*", "$", "%61", "é", ".");
        for (int i = 0; i < 3_000; i++) {
            List<RobotRule> rules = new ArrayList<>();
            for (int n = chance.nextInt(5); n >= 0; n--) {
                rules.add(rule(chance.nextInt(3) == 0 ? "Fox" : "*", chance.nextBoolean(), "/" + words(chance, bits)));
            }
            String address = "/" + words(chance, List.of("/", "a", "b", "é", ".", "%C3%A9"));
            String agent = chance.nextBoolean() ? "fox" : "owl";
            boolean named = agent.equals("fox")
                    && rules.stream().anyMatch(r -> r.agent().equals("Fox"));
            List<RobotRule> group = rules.stream()
                    .filter(r -> r.agent().equals(named ? "Fox" : "*"))
                    .filter(r ->
                            law(r.path()).matcher(RobotsFile.normal(address)).matches())
                    .toList();
            int longest = group.stream()
                    .mapToInt(r -> RobotsFile.normal(r.path()).length())
                    .max()
                    .orElse(0);
            boolean may = group.isEmpty()
                    || group.stream()
                            .filter(r -> RobotsFile.normal(r.path()).length() == longest)
                            .anyMatch(RobotRule::allows);
            assertThat(new RobotsFile(rules).may(agent, address).fetch())
                    .as("%s asks for %s: %s", agent, address, rules)
                    .isEqualTo(may);
        }
    }

    private static String words(Random chance, List<String> bits) {
        return Stream.generate(() -> bits.get(chance.nextInt(bits.size())))
                .limit(chance.nextInt(7))
                .collect(Collectors.joining());
    }

    private static Pattern law(String path) {
        String rule = RobotsFile.normal(path);
        boolean whole = rule.endsWith("$");
        String said = whole ? rule.substring(0, rule.length() - 1) : rule;
        String regex = Stream.of(said.split("(?<=\\*)|(?=\\*)"))
                .map(p -> p.equals("*") ? ".*" : Pattern.quote(p))
                .collect(Collectors.joining());
        return Pattern.compile(regex + (whole ? "" : ".*"));
    }

    @Test
    void itIsWrittenGroupByGroupAndALongRuleCostsNoMore() {
        RobotsFile file = new RobotsFile(
                List.of(rule("*", false, "/-/proof/"), rule("Fox", false, "/"), rule("Fox", true, "/öffnung")));
        assertThat(file.text("https://moor.example")).isEqualTo("""
                User-agent: Fox
                Disallow: /
                Allow: /%C3%B6ffnung

                User-agent: *
                Disallow: /-/proof/

                Sitemap: https://moor.example/sitemap.xml
                """);
        assertThat(file.may("FOX", "/öffnung/heute").by()).contains(rule("Fox", true, "/öffnung"));
        assertThat(RobotsFile.matches("*a".repeat(200) + "$", "a".repeat(5_000) + "b"))
                .isFalse();
    }
}
