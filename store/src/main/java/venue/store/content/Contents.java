package venue.store.content;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.change.edit.Command;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.json.ItemJson;
import venue.core.edition.merge.Archive;
import venue.store.database.Database;

/** Contents by their hash. What was put is never changed; the same content is kept once. */
public final class Contents implements Archive {

    private static final int REMEMBERED = 50_000;

    private static final String INSERT = "insert or ignore into content (hash, type, body, shape) values (?, ?, ?, ?)";
    private static final String SELECT = "select type, body, shape from content where hash = :hash";

    private final Database database;
    private final JdbcClient sql;
    private final Cache<Hash, Item> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    public Contents(Database database) {
        this.database = database;
        sql = database.sql();
    }

    /** Keeps the item's content and gives its hash. */
    public Hash put(Item item) {
        return put(List.of(item)).get(0);
    }

    /** Keeps the contents of items and gives their hashes, in the same order. */
    public List<Hash> put(List<? extends Item> items) {
        List<Written> written = items.parallelStream().map(Written::of).toList();
        database.each(
                INSERT,
                written.stream()
                        .map(w -> new Object[] {w.hash(), w.type().name(), w.body(), ItemJson.SHAPE})
                        .toList());
        written.forEach(w -> remembered.put(w.hash(), w.item()));
        return written.stream().map(Written::hash).toList();
    }

    /** An item as it is kept. */
    private record Written(Item item, ItemSort type, String body, Hash hash) {

        static Written of(Item item) {
            String body = ItemJson.write(item);
            ItemSort type = ItemSort.of(item);
            return new Written(item, type, body, Hash.over(type + " " + body));
        }
    }

    /** The hash by which it is known what somebody asked for. */
    public static Hash print(Command command) {
        return Hash.over(ItemJson.write(command));
    }

    @Override
    public Hash hashOf(Item item) {
        return Written.of(item).hash();
    }

    @Override
    public Optional<Item> find(Hash hash) {
        return Optional.ofNullable(remembered.get(hash, this::load));
    }

    public Item require(Hash hash) {
        return find(hash).orElseThrow(() -> new IllegalStateException("content " + hash + " is missing"));
    }

    @Override
    public Object tree(Item item) {
        return ItemJson.tree(item);
    }

    @Override
    public Item item(Class<? extends Item> type, Object tree) {
        return ItemJson.item(type, tree);
    }

    private @Nullable Item load(Hash hash) {
        return sql.sql(SELECT)
                .param("hash", hash)
                .query((row, n) -> ItemJson.read(
                        ItemSort.valueOf(row.getString("type")), row.getInt("shape"), row.getString("body")))
                .optional()
                .orElse(null);
    }
}
