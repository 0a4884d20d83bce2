package venue.store.answer;

import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** The hosts that owners allow answers to be handed on to, though they are this machine or stand in a private network. */
public final class HookHosts {

    private static final String KEY = "hook-hosts";
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

    /** All of them, by their names. */
    public List<String> all() {
        return List.copyOf(known());
    }

    private TreeSet<String> known() {
        TreeSet<String> known = new TreeSet<>();
        database.setting(KEY).filter(h -> !h.isEmpty()).ifPresent(h -> known.addAll(List.of(h.split(BETWEEN))));
        return known;
    }

    /**
     * Allows a host, or no longer.
     *
     * @param site for whose form; absent where it is said for all
     */
    public void allow(By by, @Nullable SiteId site, String host, boolean is) {
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
            return database.set(KEY, String.join(BETWEEN, hosts));
        });
    }
}
