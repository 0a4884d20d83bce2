package venue.core;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.merge.Archive;

/** An archive in memory: it remembers what it was asked the hash of. */
public final class Memory implements Archive {

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_EMPTY))
            .changeDefaultVisibility(v -> v.withFieldVisibility(Visibility.ANY)
                    .withGetterVisibility(Visibility.NONE)
                    .withIsGetterVisibility(Visibility.NONE))
            .build();

    private final Map<Hash, Item> known = new ConcurrentHashMap<>();

    @Override
    public Hash hashOf(Item item) {
        Hash hash = new Hash("h" + item.hashCode());
        known.put(hash, item);
        return hash;
    }

    @Override
    public Object tree(Item item) {
        return MAPPER.convertValue(item, Map.class);
    }

    @Override
    public Item item(Class<? extends Item> type, Object tree) {
        return MAPPER.convertValue(tree, type);
    }

    @Override
    public Optional<Item> find(Hash hash) {
        return Optional.ofNullable(known.get(hash));
    }
}
