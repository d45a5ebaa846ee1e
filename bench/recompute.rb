# How long the server takes from a changed recipe to the new page, and the command line to an answer. Run: bench/run
# Reports medians, and each as a ratio to a yardstick of plain Ruby arithmetic measured in the same run, so that machines compare.
require_relative "../app/web"
require "rack/test"
require "open3"
require "tmpdir"

module Restauro
  # Times the Swap page over a throwaway database.
  class RecomputeBench
    include Rack::Test::Methods

    ROUNDS = 40

    def run
      cluster = Database::Cluster.new(File.join(Dir.tmpdir, "restauro-bench-#{Process.uid}"), durable: false)
      database = Database.connect(cluster.start, connections: 5)
      @web = Web.with(Services.on(database), secret: "b" * 64)
      report
    ensure
      database&.disconnect
      cluster&.stop
    end

    def app = @web

    private

    def report
      yardstick = median(9) { 300_000.times.sum { |i| Math.exp(i * -1e-6) } }
      # Before the batter, which would then be the recipe that is open.
      compared = comparison_page
      page, batter, dough, crust = recompute, recompute_batter, recompute_dough, recompute_crust
      gnocchi = recompute_gnocchi
      parts, one_changed = recompute_parts, recompute_one_part
      line = median(9) { Open3.capture2(File.join(ROOT, "bin", "restauro"), "swap", "-", stdin_data: Demo.first_sauce["recipe"]) }
      blend = blend_of_twenty
      course, scipy = course_of_half_an_hour, scipy_course
      puts format("yardstick (300,000 exp)            %6.1f ms", yardstick)
      puts format("recompute, 15-minute course        %6.1f ms   %.2f of the yardstick", page, page / yardstick)
      puts format("recompute, battered slices, oven   %6.1f ms   %.2f of the yardstick", batter, batter / yardstick)
      puts format("recompute, filled pasta            %6.1f ms   %.2f of the yardstick", dough, dough / yardstick)
      puts format("recompute, potato gnocchi          %6.1f ms   %.2f of the yardstick", gnocchi, gnocchi / yardstick)
      puts format("recompute, filled tart             %6.1f ms   %.2f of the yardstick", crust, crust / yardstick)
      puts format("recompute, a pie of three parts    %6.1f ms   %.2f of the yardstick, %.1f times a tart", parts, parts / yardstick, parts / crust)
      puts format("the same, its sauce alone changed   %6.1f ms   %.2f of the yardstick", one_changed, one_changed / yardstick)
      puts format("30-minute course                   %6.1f ms   %.2f of the yardstick; SciPy, the same equations %.1f ms, %.0f times ours",
                  course, course / yardstick, scipy, scipy / course)
      puts format("three candidates, the page         %6.1f ms   %.2f of the yardstick", compared, compared / yardstick)
      puts format("blend of twenty flours             %6.1f ms   %.2f of the yardstick", blend, blend / yardstick)
      puts format("command line, whole process        %6.1f ms   %.2f of the yardstick", line, line / yardstick)
    end

    HALF_HOUR = {mid: 85.0, width: 2.5, tau: 15.0, breakdown_per_min: 0.008, liquid_g: 700.0, watts: 600.0, simmer_watts: 300.0, boiling_celsius: 100.1}.freeze

    # 700 g of milk with maize starch, to the boil and at a simmer until 30 minutes are over.
    def course_of_half_an_hour
      maize = Catalogue.load.fetch("corn_starch")
      median(15) do |round|
        milk = Physics::PanCourse::Timed.new(0.0, Physics::PanCourse::Add.new(700.0 + round / 10.0, 20.0, [], [0]))
        last = Physics::PanCourse::Timed.new(1800.0, Physics::PanCourse::Heat.new(300.0))
        Physics::PanCourse.run(pan: Physics::Pan.new, watts: 600.0, thickeners: [maize], events: [milk, last], at_boil: [Physics::PanCourse::Heat.new(300.0)],
                               simmer_s: 60.0, limit_s: 1800.0)
      end
    end

    # @return [Float] ms; NaN where SciPy is not installed
    def scipy_course
      out, status = Open3.capture2("/usr/bin/python3", File.join(__dir__, "scipy_course.py"), stdin_data: JSON.generate(HALF_HOUR), err: File::NULL)
      status.success? ? out.to_f : Float::NAN
    end

    def comparison_page
      header "Host", "127.0.0.1"
      post "/start", "start" => "cream", "authenticity_token" => token
      median(11) do
        get "/compare"
        raise "the page answered #{last_response.status}" unless last_response.ok? && last_response.body.include?("candidate-best")
      end
    end

    # A different jar each time.
    def blend_of_twenty
      catalogue = Catalogue.load
      wheat = catalogue.fetch("wheat_flour")
      flours = catalogue.select { |i| %w[flour starch].include?(i.group) && i.gluten == "free" }.first(20)
      purpose = Blends::Purpose.fetch("all_purpose", wheat: wheat)
      median(9) { |round| Blends::Designer.new(wheat: wheat).design(flours, purpose, grams: 400 + round) }
    end

    # A paste: the form with one amount changed each time, so that nothing can be remembered.
    def recompute
      swaps("target-handle") { |round| Demo.first_sauce.merge("recipe" => Demo.first_sauce["recipe"].sub("450 ml", "#{430 + round} ml"), "simmer" => "5") }
    end

    def recompute_batter
      swaps("section-picture") do |round|
        {"recipe" => "Corn-fritter batter\n110 g plain flour\n#{130 + round} ml whole milk\n1 egg\n1 tsp baking powder", "piece" => "celeriac slice 12 mm",
         "oven" => "200C"}
      end
    end

    def recompute_dough
      swaps("boil-picture") { |round| {"recipe" => "Filled pasta\n#{240 + round} g flour\n2 eggs\n2 egg yolks\n\nFilling:\n280 g ricotta", "cutter" => "64"} }
    end

    def recompute_crust
      swaps("bake-picture") do |round|
        {"recipe" => "Leek tart\n\nPastry:\n#{200 + round} g flour\n110 g butter\n40 ml water\n\nFilling:\n350 g leeks\n3 eggs\n200 ml cream",
         "pan" => "26 cm round 3 cm deep"}
      end
    end

    def recompute_gnocchi
      swaps("boil-picture") { |round| {"recipe" => "Potato gnocchi\n#{800 + round} g potatoes\n190 g flour\n1 egg", "rope" => "18"} }
    end

    # Every part of it another each time; then the sauce alone.
    def recompute_parts = swaps("part-name") { |round| pie(200 + round, 430 + round) }
    def recompute_one_part = swaps("part-name") { |round| pie(300, 500 + round) }

    def pie(flour, milk)
      {"recipe" => "Leek pie\n\nPastry:\n#{flour} g flour\n110 g butter\n40 ml water\n\nSauce:\n45 g butter\n30 g flour\n#{milk} ml milk\n\n" \
                   "Leeks:\n#{flour + 300} g leeks", "pan" => "24 cm round 5 cm deep"}
    end

    # @param expected [String] what the page holds   @yield [Integer] the round; its form
    def swaps(expected)
      header "Host", "127.0.0.1"
      given = token
      median(ROUNDS) do |round|
        post "/swap", SwapInput.new(yield(round)).state.merge("authenticity_token" => given), "HTTP_X_RESTAURO_LIVE" => "1"
        raise "the page answered #{last_response.status}" unless last_response.ok? && last_response.body.include?(expected)
      end
    end

    def token
      get "/"
      last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
    end

    # @return [Float] ms
    def median(rounds)
      times = Array.new(rounds) do |round|
        started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        yield round
        (Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000
      end
      times.sort[rounds / 2]
    end
  end
end

Restauro::RecomputeBench.new.run
