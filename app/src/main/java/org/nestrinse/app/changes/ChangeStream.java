package org.nestrinse.app.changes;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.nestrinse.app.house.House;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every device that listens what has changed, by server-sent events. */
@Component
public class ChangeStream {
  private static final Duration LASTS = Duration.ofMinutes(30);
  private static final int BEAT_SECONDS = 15;

  /** A device that listens, and to which household. */
  private record Listener(House house, SseEmitter emitter) {}

  private final List<Listener> listeners = new CopyOnWriteArrayList<>();
  private final ScheduledExecutorService teller =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "change-stream");
            thread.setDaemon(true);
            return thread;
          });

  ChangeStream() {
    // A beat finds devices that are gone, and keeps the line open through whatever is between.
    teller.scheduleAtFixedRate(
        () -> listeners.forEach(l -> tell(l, "beat", Map.of())),
        BEAT_SECONDS,
        BEAT_SECONDS,
        TimeUnit.SECONDS);
  }

  SseEmitter listen() {
    SseEmitter emitter = new SseEmitter(LASTS.toMillis());
    Listener listener = new Listener(House.current(), emitter);
    emitter.onCompletion(() -> listeners.remove(listener));
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> listeners.remove(listener));
    listeners.add(listener);
    tell(listener, "beat", Map.of());
    return emitter;
  }

  @EventListener
  void changed(HouseChanged change) {
    send("changed", Map.of("topics", change.topics()));
  }

  /**
   * Sends an event to every device that listens to this household. The sender does not wait for
   * slow ones; what is sent first arrives first.
   */
  public void send(String event, Object data) {
    House house = House.current();
    try {
      teller.execute(
          () ->
              listeners.stream().filter(l -> l.house == house).forEach(l -> tell(l, event, data)));
    } catch (RejectedExecutionException e) {
      // It is being stopped: nobody listens any more.
      listeners.clear();
    }
  }

  private void tell(Listener listener, String event, Object data) {
    try {
      listener.emitter.send(SseEmitter.event().name(event).data(data));
    } catch (IOException | IllegalStateException e) {
      listeners.remove(listener);
    }
  }

  /** Open lines would hold up a clean stop. */
  @EventListener(ContextClosedEvent.class)
  void close() {
    teller.shutdownNow();
    listeners.forEach(l -> l.emitter.complete());
    listeners.clear();
  }
}
