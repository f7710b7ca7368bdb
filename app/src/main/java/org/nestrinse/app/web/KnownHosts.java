package org.nestrinse.app.web;

import java.net.InetAddress;
import java.net.InterfaceAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names by which this application may be called: the computer itself, its own names and
 * addresses, and what the person adds. A page elsewhere that lets its own name point here is asked
 * for by a name that is not among them.
 */
@Component
class KnownHosts {
  private static final Pattern AUTHORITY =
      Pattern.compile("(\\[[0-9a-fA-F:.%a-z]+]|[A-Za-z0-9._-]+)(:\\d{1,5})?");
  private static final Pattern LOOPBACK = Pattern.compile("127(\\.\\d{1,3}){3}");
  private static final Set<String> THIS_COMPUTER =
      Set.of("localhost", "[::1]", "[0:0:0:0:0:0:0:1]");

  private final Set<String> added = new HashSet<>();

  KnownHosts(@Value("${nest.hosts:}") List<String> added) {
    added.stream()
        .map(name -> name.strip().toLowerCase(Locale.ROOT))
        .filter(name -> !name.isEmpty())
        .forEach(this.added::add);
  }

  /** Returns whether a request with this Host header may be answered. */
  boolean knows(@Nullable String authority) {
    if (authority == null) {
      return false;
    }
    Matcher parts = AUTHORITY.matcher(authority);
    if (!parts.matches()) {
      return false;
    }
    String host = parts.group(1).toLowerCase(Locale.ROOT);
    return THIS_COMPUTER.contains(host)
        || LOOPBACK.matcher(host).matches()
        || added.contains(host)
        || own().contains(host);
  }

  /** Looked up anew each time: a computer that changes its network gets another address. */
  private static Set<String> own() {
    Set<String> own = new HashSet<>();
    try {
      String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
      own.add(name);
      own.add(name + ".local");
    } catch (UnknownHostException e) {
      // A computer without a name is called by its addresses.
    }
    try {
      NetworkInterface.networkInterfaces()
          .map(NetworkInterface::getInterfaceAddresses)
          .flatMap(Collection::stream)
          .map(InterfaceAddress::getAddress)
          .forEach(address -> own.add(written(address)));
    } catch (SocketException e) {
      // Without interfaces there is only the computer itself.
    }
    return own;
  }

  private static String written(InetAddress address) {
    String text = address.getHostAddress();
    int scope = text.indexOf('%');
    String plain = scope < 0 ? text : text.substring(0, scope);
    return plain.contains(":") ? "[" + plain + "]" : plain;
  }
}
