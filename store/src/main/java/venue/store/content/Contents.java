package venue.store.content;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.item.Hash;
import venue.core.item.Item;
import venue.core.merge.Archive;

/** Contents by their hash. What was put is never changed; the same content is kept once. */
public final class Contents implements Archive {

    private static final int REMEMBERED = 50_000;

    private static final String INSERT =
            "insert or ignore into content (hash, type, body) values (:hash, :type, :body)";
    private static final String SELECT = "select type, body from content where hash = :hash";

    private final JdbcClient sql;
    private final Cache<String, Item> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    public Contents(JdbcClient sql) {
        this.sql = sql;
    }

    /** Keeps the item's content and gives its hash. */
    public String put(Item item) {
        String body = ItemJson.write(item);
        ItemType type = ItemType.of(item);
        String hash = hash(type, body);
        sql.sql(INSERT)
                .param("hash", hash)
                .param("type", type.name())
                .param("body", body)
                .update();
        remembered.put(hash, item);
        return hash;
    }

    @Override
    public String hashOf(Item item) {
        return hash(ItemType.of(item), ItemJson.write(item));
    }

    private static String hash(ItemType type, String body) {
        return Hash.of((type + " " + body).getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public Optional<Item> find(String hash) {
        return Optional.ofNullable(remembered.get(hash, this::load));
    }

    public Item require(String hash) {
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

    private @Nullable Item load(String hash) {
        return sql.sql(SELECT)
                .param("hash", hash)
                .query((row, n) ->
                        ItemJson.read(ItemType.valueOf(row.getString("type")).record(), row.getString("body")))
                .optional()
                .orElse(null);
    }
}
