-- Sends wrong answers of many plays in turn, each with a key of its own; prints what bench.php reads.
local plays, path = {}, ""
local thread_number = 0

function setup(thread)
    thread:set("number", thread_number)
    thread_number = thread_number + 1
end

function init(args)
    for line in io.lines(args[1] or "/dev/null") do
        plays[#plays + 1] = line
    end
    path = args[2] or ""
    at, sent = number * 7 + 1, 0
    math.randomseed(os.time() + number)
    stem = string.format("%x%x", math.random(0, 2147483647), number)
end

function request()
    if #plays == 0 then
        return wrk.format("GET")
    end
    at = at + 1
    sent = sent + 1
    local ticket, lock = plays[at % #plays + 1]:match("(%S+) (%S+)")
    local body = "verb=answer&on=" .. lock .. "&with=half+past+" .. sent .. "&key=" .. stem .. "-" .. sent .. "&ticket=" .. ticket
    return wrk.format("POST", path, {
        ["Content-Type"] = "application/x-www-form-urlencoded",
        ["Accept"] = "application/json",
        ["Cookie"] = "fravel_play=" .. ticket,
    }, body)
end


function done(summary, latency)
    local errors = summary.errors.connect + summary.errors.read + summary.errors.write + summary.errors.timeout + summary.errors.status
    print(string.format("RESULT %f %f %f %f %d", summary.requests / (summary.duration / 1e6), latency:percentile(50) / 1e3, latency:percentile(95) / 1e3, latency:percentile(99) / 1e3, errors))
end
