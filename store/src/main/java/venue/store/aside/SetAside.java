package venue.store.aside;

import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.text.Letters;
import venue.core.check.survey.Finding;
import venue.store.database.Database;

/**
 * Findings that somebody has set aside, with the reason. One is known by its rule, what it is about and what it says: where that says
 * something else later, it is found anew.
 */
public final class SetAside {

    /** As many a site may have. */
    private static final int MOST = 5_000;

    private static final int LONGEST = 300;

    /** A finding, by what makes it the same one. */
    public record Key(String rule, String item, String says) {

        public static Key of(Finding finding) {
            return new Key(finding.rule(), finding.item(), finding.says());
        }
    }

    /** @param at ISO 8601 */
    public record Aside(String rule, String item, String says, String reason, String who, String at) {

        public Key key() {
            return new Key(rule, item, says);
        }
    }

    private final Database database;
    private final InstantSource clock;
    /** Asked for with every step. */
    private final Map<SiteId, Map<Key, Aside>> known = new ConcurrentHashMap<>();

    public SetAside(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** All of a site. */
    public Map<Key, Aside> all(SiteId site) {
        return known.computeIfAbsent(
                site,
                s -> database
                        .sql()
                        .sql("select rule, item, says, reason, who, at from set_aside where site = :site order by at")
                        .param("site", s)
                        .query(Aside.class)
                        .list()
                        .stream()
                        .collect(Collectors.toUnmodifiableMap(Aside::key, Function.identity())));
    }

    public void put(SiteId site, PersonId who, List<Key> findings, String reason) {
        String why = Letters.line(reason);
        if (Letters.isUnseen(why) || why.length() > LONGEST) {
            throw Refusal.badInput(
                    "aside-without-reason",
                    "reason",
                    "Setting it aside needs a reason, in " + LONGEST + " characters at most.",
                    "Say why it is meant to be so; whoever looks next reads it.");
        }
        if (all(site).size() + findings.size() > MOST) {
            throw Refusal.badInput(
                    "aside-too-many",
                    "findings",
                    "A site has " + MOST + " findings set aside at most.",
                    "Bring some back, or mend what they say.");
        }
        database.write(() -> {
            findings.forEach(f -> database.sql()
                    .sql("""
                            insert into set_aside (site, rule, item, says, reason, who, at)
                            values (:site, :rule, :item, :says, :reason, :who, :at)
                            on conflict (site, rule, item, says) do update set reason = excluded.reason
                            """)
                    .param("site", site)
                    .param("rule", f.rule())
                    .param("item", f.item())
                    .param("says", f.says())
                    .param("reason", why)
                    .param("who", who)
                    .param("at", clock.instant().toString())
                    .update());
            return site;
        });
        known.remove(site);
    }

    public void back(SiteId site, Key finding) {
        database.write(() -> database.sql()
                .sql("delete from set_aside where site = :site and rule = :rule and item = :item and says = :says")
                .param("site", site)
                .param("rule", finding.rule())
                .param("item", finding.item())
                .param("says", finding.says())
                .update());
        known.remove(site);
    }
}
