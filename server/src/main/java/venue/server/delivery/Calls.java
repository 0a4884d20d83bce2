package venue.server.delivery;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.hc.client5.http.classic.methods.HttpUriRequestBase;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.HttpException;
import org.apache.hc.core5.http.io.entity.ByteArrayEntity;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import venue.core.show.render.View;
import venue.server.hook.HookPost;
import venue.server.hook.OpenClient;
import venue.store.delivery.Delivery;

/** Tells a content network at which addresses others lie now, by the call that was given for it. */
@Component
class Calls {

    /** More are told as all. */
    private static final int MOST = 1_000;

    private static final String ALL = "/*";

    private final OpenClient open;

    Calls(OpenClient open) {
        this.open = open;
    }

    /** Of what it is to be told, where it is told at all. */
    static List<String> news(Delivery delivery, List<String> untold, List<String> changed) {
        if (delivery.goes().call().address().isEmpty()) {
            return List.of();
        }
        Set<String> all = new LinkedHashSet<>(untold);
        all.addAll(changed);
        all.removeIf(at -> at.length() == 2 && at.startsWith("/-"));
        return all.contains(ALL) || all.size() > MOST ? List.of(ALL) : new ArrayList<>(all);
    }

    /** Tells it; {@link TargetTrouble} where it doesn't take that. */
    void tell(Delivery delivery, TargetKeys keys, List<String> news) {
        Delivery.Call call = delivery.goes().call();
        HttpUriRequestBase request = new HttpUriRequestBase(call.method(), URI.create(call.address()));
        keys.headers().forEach(request::setHeader);
        List<String> addresses = news.stream()
                .map(at -> delivery.goes().address() + (at.equals(ALL) ? ALL : View.encoded(at)))
                .toList();
        byte[] json = JsonMapper.shared()
                .writeValueAsString(Map.of("addresses", addresses))
                .getBytes(StandardCharsets.UTF_8);
        request.setEntity(new ByteArrayEntity(json, ContentType.APPLICATION_JSON));
        try {
            int status = open.status(request);
            if (status / 100 != 2) {
                throw new TargetTrouble(
                        "All is there, but the content network answered " + status + " when it was told.",
                        "Look at the address, the method and the headers of the call. It is told again by itself.");
            }
        } catch (IOException | HttpException failed) {
            throw new TargetTrouble(
                    "All is there, but the content network could not be told: " + HookPost.why(failed) + ".",
                    "Look at the address of the call. It is told again by itself.",
                    failed);
        }
    }
}
