package venue.store.answer;

import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** The hosts that owners allow answers to be handed on to, though they are this machine or stand in a private network. */
public final class HookHosts {

    private static final int MOST = 100;
    private static final String BETWEEN = ",";

    private final Database database;
    private final Records records;

    public HookHosts(Database database, Records records) {
        this.database = database;
        this.records = records;
    }

    public boolean allows(String host) {
        return known().contains(host.toLowerCase(Locale.ROOT));
    }

    private TreeSet<String> known() {
        Optional<String> hosts = database.sql()
                .sql("select value from setting where key = 'hook-hosts'")
                .query(String.class)
                .optional();
        TreeSet<String> known = new TreeSet<>();
        hosts.filter(h -> !h.isEmpty()).ifPresent(h -> known.addAll(java.util.List.of(h.split(BETWEEN))));
        return known;
    }

    /**
     * Allows a host, or no longer.
     *
     * @param site for whose form
     */
    public void allow(By by, SiteId site, String host, boolean is) {
        database.write(() -> {
            TreeSet<String> hosts = known();
            String name = host.toLowerCase(Locale.ROOT);
            boolean turns = is ? hosts.add(name) : hosts.remove(name);
            if (hosts.size() > MOST) {
                throw Refusal.conflict(
                        "too-many-hosts", "host", MOST + " hosts are allowed already.", "Take one back first.");
            }
            if (turns) {
                records.write(is ? Deed.HOOK_HOST_ALLOWED : Deed.HOOK_HOST_BARRED, by, site, null, name);
            }
            return database.sql()
                    .sql("insert into setting (key, value) values ('hook-hosts', :hosts)"
                            + " on conflict (key) do update set value = excluded.value")
                    .param("hosts", String.join(BETWEEN, hosts))
                    .update();
        });
    }
}
