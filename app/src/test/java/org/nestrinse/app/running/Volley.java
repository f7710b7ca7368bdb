package org.nestrinse.app.running;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Several requests at the same moment. */
public final class Volley {
  /** How many of each a test fires; more of them prove more and take longer. */
  public static final int ROUNDS = Integer.getInteger("nest.volleys", 5);

  private Volley() {}

  /** Fires all of them at once and returns their answers in their order. */
  @SafeVarargs
  public static List<RunningApp.Answer> at(Callable<RunningApp.Answer>... shots) {
    ExecutorService carers = Executors.newFixedThreadPool(shots.length);
    CyclicBarrier now = new CyclicBarrier(shots.length);
    try {
      List<Future<RunningApp.Answer>> fired = new ArrayList<>();
      for (Callable<RunningApp.Answer> shot : shots) {
        fired.add(
            carers.submit(
                () -> {
                  now.await();
                  return shot.call();
                }));
      }
      List<RunningApp.Answer> answers = new java.util.ArrayList<>();
      for (Future<RunningApp.Answer> one : fired) {
        answers.add(one.get());
      }
      return answers;
    } catch (ExecutionException e) {
      throw new AssertionError(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    } finally {
      carers.shutdownNow();
    }
  }

  /** Returns the statuses of some answers, smallest first. */
  public static List<Integer> statuses(List<RunningApp.Answer> answers) {
    return answers.stream().map(RunningApp.Answer::status).sorted().toList();
  }
}
