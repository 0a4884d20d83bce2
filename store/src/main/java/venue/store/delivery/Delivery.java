package venue.store.delivery;

import java.util.List;
import venue.core.basics.item.SiteId;
import venue.core.live.delivery.Layout;

/** A place outside this machine to which each release of a site goes by itself. */
public record Delivery(SiteId site, String id, String name, Goes goes) {

    /**
     * Where it goes, and how.
     *
     * @param folder an absolute path on the server; empty where it goes to a bucket
     * @param address the public address of what is served from there: scheme and host, perhaps a port, without a slash at the end
     * @param server the address at which this server answers visitors what can't be answered from there; empty where it doesn't
     */
    public record Goes(String folder, Bucket bucket, Layout layout, String address, String server, Call call) {

        public Goes {
            folder = folder == null ? "" : folder;
            address = address == null ? "" : address;
            server = server == null ? "" : server;
            bucket = bucket == null ? Bucket.NONE : bucket;
            layout = layout == null ? Layout.AT_ADDRESSES : layout;
            call = call == null ? Call.NONE : call;
        }

        public boolean hasFolder() {
            return !folder.isEmpty();
        }

        /** In words. */
        public String where() {
            return hasFolder() ? folder : bucket.where();
        }
    }

    /**
     * A bucket of object storage that speaks S3.
     *
     * @param endpoint its address; empty for that of the region
     * @param prefix what all keys begin with, without a slash at either end; may be empty
     * @param pathStyle whether the bucket stands in the path and not in the host name
     * @param redirects whether addresses that lead on carry {@code x-amz-website-redirect-location}
     */
    public record Bucket(
            String endpoint, String region, String name, String prefix, boolean pathStyle, boolean redirects) {

        public static final Bucket NONE = new Bucket("", "", "", "", false, false);

        public Bucket {
            endpoint = endpoint == null ? "" : endpoint;
            region = region == null ? "" : region;
            name = name == null ? "" : name;
            prefix = prefix == null ? "" : prefix;
        }

        public String where() {
            return "s3://" + name + (prefix.isEmpty() ? "" : "/" + prefix);
        }
    }

    /**
     * A call by which a content network is told what changed.
     *
     * @param address empty where nobody is told
     * @param headers names of the headers whose values are kept as secrets
     */
    public record Call(String address, String method, List<String> headers) {

        public static final Call NONE = new Call("", "POST", List.of());

        public Call {
            address = address == null ? "" : address;
            method = method == null ? "" : method;
            headers = headers == null ? List.of() : List.copyOf(headers);
        }
    }
}
