package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The law over HTTP, over all that the demo answers: with branches of which strangers don't learn and without them, they get the same bytes. */
@ServerTest
class HiddenTest {

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final int BRANCHES = 3;
    private static final int WORDS = 12;
    /** What stands beneath the address of a page, and ways to miss it. */
    private static final List<String> BENEATH = List.of(
            "",
            "/",
            "/-/feed.atom",
            "/-/2",
            "/-/event.ics",
            "/-/calendar.ics",
            "/-/share.png",
            "x",
            "?year=2026",
            "/-/-/");

    private final long seed = Sampled.SEED;
    private final Random chance = new Random(seed);

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    /** A page of the plan. */
    private record Row(String id, String parent, String address, String title) {

        static Row of(JsonNode row) {
            return new Row(
                    row.get("id").asString(),
                    row.path("parent").asString(""),
                    row.get("address").asString(),
                    row.get("title").asString());
        }
    }

    @Test
    void strangersGetTheSameBytesWhereTheyAreNotToLearnOfThePages() {
        release();
        List<Row> rows = json(maja.get(SITE + "/news"))
                .get("plan")
                .get("rows")
                .valueStream()
                .map(Row::of)
                .toList();
        List<Row> hidden = branches(rows);
        String said = "hidden: " + hidden.stream().map(Row::address).toList() + "; again by --seed " + seed;
        for (Row branch : hidden) {
            String who = chance.nextBoolean() ? "groups" : "members";
            List<String> groups = who.equals("groups") ? List.of("crew") : List.of();
            json(maja.give("set-gate", "items", List.of(branch.id()), "who", who, "groups", groups, "hidden", true));
        }
        release();
        Map<String, String> with = answered(rows, hidden);
        rows.stream()
                .filter(r -> isWithin(r.address(), hidden))
                .forEach(r -> BENEATH.forEach(end -> assertThat(all(r.address() + end))
                        .as(r.address() + end + ", " + said)
                        .isEqualTo(all("/never-was" + end))));
        hidden.forEach(branch -> maja.give("remove-page", "page", branch.id()));
        release();
        with.forEach((address, answer) ->
                assertThat(all(address)).as(address + ", " + said).isEqualTo(answer));
        System.out.println("the same bytes at " + with.size() + " addresses, " + said);
    }

    /** Home, and where a page beneath says for itself who may open it. */
    private static final Set<String> OF_ITS_OWN = Set.of("/", "/members");

    /** Neither the home page, nor what stands above it, nor one within another. */
    private List<Row> branches(List<Row> rows) {
        List<Row> mixed = new ArrayList<>(
                rows.stream().filter(r -> !OF_ITS_OWN.contains(r.address())).toList());
        Collections.shuffle(mixed, chance);
        List<Row> chosen = new ArrayList<>();
        for (Row row : mixed) {
            if (chosen.size() < BRANCHES
                    && !isWithin(row.address(), chosen)
                    && chosen.stream().noneMatch(c -> c.address().startsWith(row.address() + "/"))) {
                chosen.add(row);
            }
        }
        return chosen;
    }

    private static boolean isWithin(String address, List<Row> branches) {
        String small = address.toLowerCase(Locale.ROOT);
        return branches.stream().anyMatch(b -> small.equals(b.address()) || small.startsWith(b.address() + "/"));
    }

    /** All that strangers are answered: at the pages and beneath them, at what they are led to, and when they look for words. */
    private Map<String, String> answered(List<Row> rows, List<Row> hidden) {
        Deque<String> asked = new ArrayDeque<>(List.of("/", "/robots.txt", "/sitemap.xml", "/never-was"));
        rows.stream()
                .filter(r -> !isWithin(r.address(), hidden))
                .flatMap(r -> Stream.concat(
                        BENEATH.stream().map(end -> r.address() + end),
                        Stream.of(r.address().toUpperCase(Locale.ROOT))))
                .forEach(asked::add);
        List<String> words = new ArrayList<>(rows.stream()
                .flatMap(r -> Stream.of(r.title().split("\\W+")))
                .filter(w -> w.length() > 3)
                .distinct()
                .toList());
        Collections.shuffle(words, chance);
        words.stream().limit(WORDS).forEach(w -> {
            asked.add("/search?q=" + w);
            asked.add("/search?q=" + w.substring(0, 3) + "&page=2");
            asked.add("/-/suggest?q=" + w.substring(0, 3));
        });
        Map<String, String> answers = new TreeMap<>();
        while (!asked.isEmpty()) {
            String address = asked.remove();
            if (!answers.containsKey(address) && !isWithin(address.replaceAll("[?#].*", ""), hidden)) {
                HttpResponse<String> answer = stranger.visit(address);
                answers.put(address, Answers.written(answer));
                leads(answer.body()).forEach(asked::add);
            }
        }
        return answers;
    }

    /** What a page of the site leads to and is made of. */
    private static Set<String> leads(String html) {
        Set<String> leads = new TreeSet<>();
        if (html.startsWith("<!doctype")) {
            Jsoup.parse(html)
                    .select("[href], [src]")
                    .forEach(
                            e -> leads.add((e.hasAttr("href") ? e.attr("href") : e.attr("src")).replaceAll("#.*", "")));
        }
        leads.removeIf(l -> !l.startsWith("/") || l.startsWith("//"));
        return leads;
    }

    private String all(String address) {
        return Answers.written(stranger.visit(address));
    }

    private void release() {
        List<String> items = json(maja.get(SITE + "/releases/waiting")).get("changes").findValues("item").stream()
                .map(JsonNode::asString)
                .toList();
        json(maja.post(SITE + "/releases", Client.json("items", items, "note", "")));
    }
}
